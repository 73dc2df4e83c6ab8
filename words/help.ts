import { spelt } from "./english";

/** What each page is for, and the why of its method, in a few sentences. */
export const HELP_WORDS = {
  today:
    "The work of the whole collection in one dated list: what is decided about each tree, what follows the last work, what tonight asks for, and your own tasks. Do it, put it off to a day, or say why not; nothing is asked twice. The dates come from each tree’s roots, the season and your weather, worked out again whenever something is recorded.",
  trees:
    "All trees, the ones that lose most by waiting first. Narrow, order and group the list, choose several and record for all of them at once. A status is the decision about the tree on the day shown, the same as on its own page.",
  "trees/windows":
    "When each kind of work may be done, for every tree at once. A window is open when enough of your site’s weather years end well: roots take hold again, new shoots harden before the frost, nothing is cut in its wrong season. The share of years you ask for is set under Settings.",
  tree: "One tree: what to do, why, and how sure. The picture shows how full of roots its pot was and will be, with the band in which it lies eight times in ten; a root check narrows it most. Four parts below hold roots and wood, potting, winter, and the log.",
  get "tree/pot"() {
    return spelt(
      "Plans one potting to the millimetre: base layer, litres, crown, watering space, weight. The ball is drawn as the last pot gives it back; measure it and the numbers follow. What you did is recorded, not what was planned.",
    );
  },
  get "tree/correct"() {
    return spelt(
      "Weighs every way to correct the roots: what it costs in roots, what circling it leaves, and how much of the season is lost while they regrow. The cheapest today is named, and the better one later with its day. Weights are our judgement and listed with every price.",
    );
  },
  get "tree/roots"() {
    return spelt(
      "Eight taps describe a root ball: side, base, flare, colour, feel, smell. What you see corrects the belief about this tree and its own pace. Where a look and the history disagree, you are asked again rather than believed blindly.",
    );
  },
  "tree/plan":
    "The pots of the coming years, planned by four schools of practice side by side. Each plan is the cheapest way to the goal under that school’s weights: pots, mix, work, shock, bound roots, weight. Use one and it stays for two seasons; change a step by hand where you know better.",
  "tree/winter":
    "How cold the wall and the core of this pot get in your winters, and what that kills. Heat flows through wall, mix and ground hour by hour; freezing water slows it. Try sinking, wrapping or another place and see what changes.",
  "tree/standing":
    "How heavy the pot is wet and dry, when wind tips it, and who can carry it how. Crown and pot are taken as measured, else guessed and said so. Limits are general guidance: local rules come first.",
  "tree/learning":
    "What the root checks have taught about this tree’s pace. Each look is weighed by how well it fits the history. Trees of its species and variety speak for one another, less than their own looks do.",
  "tree/in-place":
    "Root renewal without lifting the tree: holes drilled or a wedge cut, refilled, a part each year. Positions keep clear of the trunk. It costs few roots at once and gives new mix where nobody can lift the pot.",
  "tree/rescue":
    "Guides a dying tree step by step: cause, cut, pot, shade, and the signs to look for. The next sign has a date and a stop rule. Chances are said honestly; what fails is not repotted again.",
  get plan() {
    return spelt(
      "The pots of the coming years for all trees: hours, litres, money, weight and room by month. Each tree goes by its own school, and the work is spread over the weeks of each window. It is made again by itself when the records change.",
    );
  },
  winter:
    "Where every pot spends the winter, drawn to scale. Places are filled so that the least is lost in your weather years, within floor, doors and what may be carried. Drag a pot to try another place; keep the layout to get its moves.",
  "winter/moves":
    "Who is carried in and out, when, and in which order. Moves wait as long as the chance of a harmful night stays small, since cold is good for most trees. Carrying time, steps and people are counted.",
  "winter/watch":
    "Which pots tonight endangers, and what keeps each. Pot temperatures run hour by hour on the forecast, or on the usual weather where there is none. The cheapest protection comes first.",
  "winter/print": "The winter on paper: places, moves and what to do on a cold night, for the wall.",
  get pots() {
    return spelt(
      "Pots you own, free and in use, in section and to scale. Add them in one line (“3 × 30 cm plastic”). A measured pot gives exact litres; a trade size gives a range, since trade sizes are names.",
    );
  },
  climate:
    "The climate of your site: frosts, season, cold and warmth, day length. With a weather record the years are counted; without one they are made from your place and answers, and said to be a guess. Everything in the program follows these years.",
  "climate/ahead": "The next ten days as forecast or usual, with the working half-days and the nights that matter.",
  "climate/wood":
    "When growth stops and shoots harden, species by species, and what a late feed or cut does to it. Hardiness follows how far the wood has come and the cold it has felt. A wood check moves it for one tree.",
  "climate/species":
    "What is known of each species: pace, cold, roots, seasons of work, each value with its source and how sure it is. Set your own for the collection, a variety or one tree. What is not set is taken from its genus or group.",
  "climate/places":
    "How each place differs from the open: nights, shade, shelter. A logger’s file or a few typed nights teach it. Windows and winters of the trees there follow.",
  "climate/records":
    "Weather records: read them in, rank them, fill gaps. The best record wins day by day, and what is missing is told. Months and frosts you know can be typed instead.",
  learning:
    "Where a look at the roots would change most. Each tree’s doubt is weighed by what a wrong date would cost. How often past looks fell inside the band is shown, so you see how far the model can be trusted.",
  arrival:
    "Looks a new plant over before it joins: roots, wood, pests, label. It ends in a plan: pot now, wait, wash, or send it back. What you see is the first knowledge of the tree.",
  walk: "Takes in a collection on foot, one thumb, a minute a tree: tag, species, pot, feel, photo. Each tree is saved by itself; leave and go on any time.",
  import:
    "Takes lists in and out as tables. Faults are told line by line before anything is saved, and one undo takes a list back.",
  people:
    "Who works here, when, and what they may lift. Hours spread the work over the weeks; days away close windows.",
  settings: "What holds for the whole collection, and for this device.",
  log: "Everything ever recorded, by whom and when. Nothing is erased: an entry is corrected or taken back, and can be brought back.",
  add: "One tree with its pot. What you leave out is guessed with a wide band and asked later; measured dimensions beat trade sizes.",
} as const;
type HelpPage = keyof typeof HELP_WORDS;

/** The help of a page by its address: its own, else that of its room. */
export function helpOf(path: string): string {
  const page = path.replace(/^\/c\/[^/]+\/?/, "").replace(/^tree\/[^/]+/, "tree");
  const parts = page.split("/");
  for (let n = parts.length; n > 0; n--) {
    const key = parts.slice(0, n).join("/");
    if (key in HELP_WORDS) return HELP_WORDS[key as HelpPage];
  }
  return HELP_WORDS.today;
}
