import type { Act, Refusal, When } from "@/core/judgement/index";
import type { RuleId } from "@/core/rules/index";
import { celsius, kilograms, litres, millimetres, number, percent, type Units } from "./format";

/** Words for what the judgement says: codes in, sentences out. */

export const WHEN_WORDS: Record<When, string> = {
  now: "Now",
  "this-week": "Within a week",
  "until-cold": "Until the root zone cools",
  "before-cold-nights": "Before the cold nights",
  "bud-swell": "At the next bud swell",
  "spring-warm": "In spring, once it is warm and the frost is past",
  "when-due": "When it is due",
  "if-broken": "Only if its pot breaks",
  "next-year": "Next year",
};

const span = (a: string, b: string) => (a === b ? a : `${a} to ${b}`);

export function actWords({ code, figures: f }: Act, units: Units): string {
  const volume = () => span(litres(f.lowL, units), litres(f.highL, units));
  switch (code) {
    case "bath":
      return `Plunge the dry ball until no bubbles rise, ${number(f.minutes)} minutes at most while in leaf. Children stay away from the tub.`;
    case "expose-flare":
      return "Uncover the root flare.";
    case "shade":
      return f.weeks
        ? `Shade it for ${number(f.weeks)} weeks.`
        : `Shade it until the days stay below ${celsius(f.belowC, units)}.`;
    case "slip-up":
      return `Slip it up whole into ${volume()} of mix${f.rootZoneC ? `, and keep it bright with its roots at ${celsius(f.rootZoneC, units)} or more` : ""}.`;
    case "uncoil-base":
      return `Uncoil the base only: ${percent(f.share)} of its roots at most.`;
    case "water-old-ball":
      return `Water the old ball by hand for ${number(f.weeks)} weeks: it dries as fast as before while the new mix stays wet.`;
    case "shave":
      return `Shave sides and base by ${millimetres(f.depthMm, units)} and cut what rings the ball: about ${percent(f.loss)} of its roots. Cut away from the body, gloves.`;
    case "tease":
      return `Tease the ball and clip what keeps its curve: about ${percent(f.share)} of its roots.`;
    case "comb":
      return `Comb it out, fine roots only: ${span(percent(f.low), percent(f.high))} of them.`;
    case "loosen":
      return `Loosen the outside: ${percent(f.share)} of its roots at most.`;
    case "leave-whole":
      return `Leave the ball whole, ${percent(f.share)} of its roots at most.`;
    case "step": {
      const when = f.seasons === undefined ? "" : ` in about ${number(Math.max(0.5, f.seasons), 1)} seasons,`;
      const filled = f.fill === undefined ? "" : `; ${percent(f.fill)} full by the season’s end`;
      const mass =
        f.highKg === undefined ? "" : `; ${span(kilograms(f.lowKg, units), kilograms(f.highKg, units))} of wet mix`;
      const zone = f.rootZoneC === undefined ? "" : `, with its roots at ${celsius(f.rootZoneC, units)} or more`;
      return `Step${when} into ${volume()} of mix${zone}${filled}${mass}.`;
    }
    case "look-for-girdler":
      return "Roots turn as woody rings: look for a girdling one at the flare. One that serves less than a third of the girth is cut now, at both ends; a larger one over two seasons, from bud swell.";
    case "cut-girdler":
      return `Cut the girdling root at both ends: it serves ${percent(f.share)} of the girth.`;
    case "replace-top":
      return f.toMm
        ? `Take ${span(millimetres(f.mm, units), millimetres(f.toMm, units))} off the top and renew it, with the root zone at ${celsius(f.rootZoneC, units)} or more, ${number(f.beforeFlushLow)} to ${number(f.beforeFlushHigh)} weeks before the flush.`
        : `Renew the top ${millimetres(f.mm, units)} of its mix, no more.`;
    case "prune-and-return":
      return `Root-prune it and return it to its pot with fresh mix: about ${percent(f.loss)} of its roots, with the root zone at ${celsius(f.rootZoneC, units)} or more.`;
    case "feed-little":
      return `Feed a quarter to half strength (${span(percent(f.low), percent(f.high))}) until the root zone falls to ${celsius(f.untilC, units)}, then nothing.`;
    case "bring-in":
      return `Bring it in before nights of ${celsius(f.nightC, units)}.`;
    case "keep-bright":
      return `Keep it bright at ${celsius(f.lowC, units)} to ${celsius(f.highC, units)}.`;
    case "water-by-weight":
      return "Water by weight: lift the pot, water when it is light.";
    case "slice-side":
      return `Slice that side away, ${millimetres(f.depthMm, units)} at full depth: ${percent(f.share)} of the ball. Two hands on the saw, eyes covered.`;
    case "open-side":
      return "Unbolt one side of its box.";
    case "stop-at-root":
      return `Stop at roots thicker than ${millimetres(f.mm, units)}.`;
    case "backfill-like-ball":
      return "Refill with mix as fine as the ball, without feed.";
    case "soak-twice":
      return "Soak it twice and re-wet it slowly.";
    case "guy":
      return "Guy it against the wind.";
    case "no-nitrogen":
      return `No nitrogen for ${number(f.low)} to ${number(f.high)} weeks.`;
    case "opposite-side":
      return `The opposite side, but only if this year’s shoots reached ${percent(f.shoots)} of last year’s.`;
    case "wait-for-window":
      return "Wait for its window.";
    case "leave":
      return "Nothing: leave it alone.";
  }
}

export function refusalWords({ code, figures: f }: Refusal, units: Units): string {
  switch (code) {
    case "wash-in-leaf":
      return "Washing its roots bare in leaf: it would lose what feeds the leaves.";
    case "shave-in-leaf":
      return `A shave of ${millimetres(f.depthMm, units)} in leaf: ${percent(f.loss)} of its roots, where ${percent(f.most)} is what it stands now.`;
    case "jump-too-large":
      return `${litres(f.toL, units)}: only ${percent(f.fill)} of it would be rooted by the season’s end, or it stands in leaf; the rest stays wet and cold.`;
    case "feed-too-early":
      return "Feed before it grows again.";
    case "autumn-work":
      return "Any work at its roots in autumn: its kind resents it.";
    case "no-potting-now":
      return `Potting now: ${number(f.left)} °C·d of root warmth are left, and even a ball slipped up whole asks for ${number(f.need)}.`;
    case "too-early":
      return `Potting now: its roots stand at ${celsius(f.rootZoneC, units)}; its season begins at ${celsius(f.needC, units)}, once its buds swell or the frost is past.`;
    case "lift-by-hand":
      return `Lifting it by hand: about ${kilograms(f.kg, units)}. Hoists and slings are for trained people.`;
    case "all-sides":
      return "All four sides at once.";
    case "feed-in-backfill":
      return "Feed in the backfill.";
    case "too-heavy-to-carry":
      return `${litres(f.toL, units)} that must be carried in for winter: ${span(kilograms(f.lowKg, units), kilograms(f.highKg, units))} of wet mix alone. About ${litres(f.capL, units)} is what your hands manage, or it goes on wheels.`;
    case "heat":
      return "Work in this heat.";
    case "weak":
      return "Root loss of any account while it is not well.";
  }
}

export const RULE_WORDS: Record<RuleId, { name: string; text: string }> = {
  "sour-not-bound": {
    name: "Sour is not bound",
    text: "Fewer than half of the roots alive, or mushy: cut to live tissue and pot down to at most 1.2 times the live ball. Never up.",
  },
  "root-colour": {
    name: "Colour is by kind",
    text: "Black is healthy in persimmon, yellow to orange in mulberry, tan in citrus. Judge by snap, and by bark that slips.",
  },
  grafted: {
    name: "Grafted",
    text: "Roots are the stock’s, the crown the scion’s. The union stays 50 mm clear of the mix; scion roots are cut at the next rest, suckers pulled; very dwarfing stocks are always staked.",
  },
  "broadleaf-evergreen": {
    name: "Broadleaf evergreens",
    text: "After the damaging frost, before the flush or between flushes, in a warm root zone; stop nine weeks before it cools; at most a quarter of the roots.",
  },
  conifer: {
    name: "Conifers",
    text: "Never washed bare, half of the old mix stays, one half a session, years apart. Damage shows after months: hold the verdict.",
  },
  palm: {
    name: "Palms",
    text: "Whole ball, same depth, root zone of 18 °C and more: cut roots often die back to the trunk.",
  },
  "tap-seedling": {
    name: "Tap-rooted seedlings",
    text: "First move at a radicle of 20–50 mm or within six weeks, into a pot half as deep again as wide. Hooked roots are culled.",
  },
  "bare-root": {
    name: "Bare-root",
    text: "Roots dry in minutes. Rejected if a third snap dry; soaked one to four hours; no nitrogen before 100 mm of growth.",
  },
  "air-layer": {
    name: "Air layers",
    text: "Severed when second roots have browned, nine weeks before the cold; the moss stays.",
  },
  miniature: {
    name: "Trained small",
    text: "A third of the ball at most, robust leafy kinds half; conifers never crown and roots at once.",
  },
  mycorrhizal: {
    name: "Lives with fungi",
    text: "A fifth of healthy old mix stays, no washing, little phosphate, no fungicide drench. A white mantle is not rot.",
  },
  "protea-kin": {
    name: "Protea kin",
    text: "Whole ball, steps of two times at most, hardly any phosphate, no saucer.",
  },
  "autumn-averse": {
    name: "Resents autumn",
    text: "More than a tenth of the roots at bud swell only; slipped up whole until eight weeks before the cold.",
  },
  bleeder: {
    name: "Bleeders and stone fruit",
    text: "Bleeders: no cut above 10 mm from eight weeks before bud break to full leaf. Stone fruit: cut in dry early summer.",
  },
  "fleshy-rooted": { name: "Fleshy roots", text: "Bud swell only, clean cuts, no raking; drier for three weeks." },
  succulent: { name: "Succulents", text: "No water for ten days after its roots were handled: wounds dry first." },
  vine: { name: "Vines", text: "The support goes in before filling. Tender vines whole and warm." },
  legume: { name: "Legumes moved whole", text: "Nothing is taken off the ball." },
  texture: { name: "Texture", text: "New mix not more than twice as coarse as the ball." },
  pests: { name: "Pests at knock-out", text: "Grubs, root aphids, galls: quarantine, mix discarded, pot disinfected." },
  tipping: { name: "Tipping", text: "Tied when a gust may overturn it; on roofs always." },
};
