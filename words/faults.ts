import { spelt } from "./english";
import type { Fault, FaultCode, FaultFigures, Sent } from "@/contract/faults";
import { megabytes, MOST_DAYS_AWAY } from "@/contract/limits";
import type { SubjectKind } from "@/core/event/index";
import { SOLO_LIMIT_KG } from "@/core/mass/index";
import { leastWords, mostWords } from "./bounds";
import { day, kilograms, millimetres, number, type Units } from "./format";

const SENT_WORDS: Record<Sent, string> = { file: "This file", picture: "This picture", request: "This request" };

const SUBJECT_WORDS: Record<SubjectKind, string> = {
  tree: "this tree",
  pots: "these pots",
  place: "this place",
  person: "this person",
  away: "these days off",
  component: "this component",
  recipe: "this recipe",
  offer: "these bags",
  product: "this product",
  reclaimed: "this reclaimed mix",
  species: "this species",
  alarm: "this alert",
  "winter-plan": "the plan for this winter",
  task: "this task",
  collection: "these settings of the collection",
};

const FAULT_WORDS: { [C in FaultCode]: (figures: FaultFigures<C>, units: Units) => string } = {
  "no-such-day": () => "There is no such day in the calendar. Write it as 2026-04-30.",
  "best-day-outside-range": () => "The best day must lie within its range.",
  "long-ball-needs-length": () => "A long ball needs its length at top and base.",
  "width-or-girth": () => "Give the width at the rim or the girth round it: one of the two.",
  "walls-fill-pot": () => "Walls this thick would leave no room inside.",
  "foot-wider-than-rim": () => "The foot cannot be that much wider than the rim.",
  "corner-too-round": () => "The corner radius cannot exceed half the top width.",
  "bag-shorter-than-gusset": () => "The bag is shorter than half its gusset: it cannot stand.",
  "no-such-size": () => "There is no such size in this naming.",
  "name-needed": () => "Give it a name you will know it by.",
  "particle-space-above-pores": () =>
    "The space between the particles is part of the pores: it cannot be more than all of them.",
  "holds-more-than-pores": () => "It cannot hold on to more water than its pores hold.",
  "heavier-than-stone": () =>
    "With so many pores it cannot weigh so much: not even stone is that heavy. Check the pores or the mass.",
  "no-parts": () => "At least one part, please.",
  "too-many-parts": () => "At most sixteen components.",
  "lower-first": () => "The lower value comes first.",
  "slower-first": () => "The slower one comes first.",
  "root-loss-above-any-tree": () => "No tree survives the loss of more than 60 % of its roots at once.",
  missing: () => "This is needed.",
  "not-a-number": () => "Write this as a number.",
  "not-a-whole-number": () => "A whole number, please.",
  "not-a-choice": () => "Choose one of the list.",
  unreadable: () => "This cannot be read.",
  "too-small": (f, u) => leastWords(f, u),
  "too-big": (f, u) => mostWords(f, u),
  "future-day": (f) =>
    `${day(f.day)} has not come yet. Record it on the day it is done; what lies ahead is planned, not recorded.`,
  "before-arrival": (f) =>
    `This tree arrived on ${day(f.arrived)}: nothing can have been done to it before. Correct its arrival first, or record what was done as a past potting.`,
  "too-old": (f) => `This lies more than ${f.years} years back: is the year right?`,
  "too-far-ahead": (f) => `This lies more than ${f.years} years ahead: is the year right?`,
  "not-arrived-yet": (f) => `${f.tag ?? "The tree"} had not arrived on this day.`,
  "left-by-then": () => "The tree had left the collection by this day.",
  "never-free": () => "Every year for so long: nothing could ever stand there.",
  "last-before-first": () => "The last day lies before the first.",
  "away-too-long": () => `More than ${MOST_DAYS_AWAY} days: enter it in parts.`,
  "not-a-day-of-the-year": () => "A day of the year, such as 10 May.",
  "wrong-half-of-year": () =>
    "This day lies in the wrong half of the year for your latitude. Are the two frosts swapped, or is the latitude's sign missing?",
  "one-without-the-other": () => "Give both frost days, or tick that it never freezes.",
  "frost-without-cold": () => "You gave frost days, so the coldest night must be 0 °C or below.",
  "cold-without-frost": () => "With a coldest night below 0 °C there are frosts: give their usual days.",
  "hot-below-cold": () => "A hot afternoon is far warmer than the coldest night: one of the two is not right.",
  "tree-gone": () => "This tree is not in the collection any more. Go back to Trees.",
  "tag-needed": () => "Every tree needs a tag: a number or a short name on its label.",
  "tag-taken": (f) =>
    `The tag “${f.tag}” hangs on another living tree already. Add a letter, or use the next free number.`,
  "tag-lost-already": () => "This tag is recorded as lost already.",
  "kind-needed": () => "Name the species: pick one from the list or type your own.",
  "kind-unknown": () => "This species is not in the library. Type its name instead.",
  "of-another-kind": () => "This tree is of another species.",
  "nothing-changed": () => "Nothing has changed.",
  "own-mother": () => "A tree is not its own mother.",
  "one-of-them": (f) => `Nothing was recorded, because of ${f.tag}:`,
  "shares-its-pot": (f) => `${f.tag} stands in one pot with another of these trees: record it for one at a time.`,
  "left-already": () => "This tree has left the collection already.",
  "fewer-plants": (f) => `Only ${f.plants} ${f.plants === 1 ? "plant stands" : "plants stand"} here.`,
  "split-takes-all": (f) =>
    `This record stands for ${f.plants} plants: take at least one fewer, or rename the record instead.`,
  "choose-tree": () => "Choose the tree it belongs to.",
  "choose-trees": () => "Choose at least one tree.",
  "choose-second-record": () => "Choose the second record of this tree.",
  "choose-companions": () => "Choose who stands in its pot.",
  "event-gone": () => "This has been undone or corrected already.",
  "event-not-movable": () => "This cannot move to another tree. Where a whole tree was entered twice, merge the two.",
  "on-this-tree-already": () => "It is recorded on this tree already.",
  "one-record-already": () => "These are one record already.",
  "merge-of-left-tree": (f) => `${f.tag} has left the collection: bring it back first by undoing that.`,
  "merge-of-unlike-counts": () => "The two records stand for different numbers of plants.",
  "merge-of-split-tree": (f) => `${f.tag} has been split or shares a pot: undo that first.`,
  "batch-in-shared-pot": (f) => `${f.tag} stands for several plants: take one from the batch first.`,
  "arrival-needed": () => "Say which arrival is to be corrected.",
  "potted-after-arrival": () => "The last potting lies after the arrival: record it as a potting of its own.",
  "done-before-arrival": (f) =>
    `On ${day(f.day)} something was done to this tree already: it cannot have arrived later than that.`,
  "set-name-needed": () => "Give the set a name, such as where it stands.",
  "choose-pot": () => "Choose a pot.",
  "choose-mix": () => "Choose a mix.",
  "cutting-not-tree": () => "At least 5 % of the roots must stay: below that the tree is a cutting.",
  "ball-too-proud": () => "The ball would stand too proud: more leaves roots in the air.",
  "pot-gone": () => "These pots are not on record any more.",
  "no-pot-free": () => "None of these pots is free.",
  "too-few-pots-free": (f) => `This record stands for ${f.plants} plants, but only ${f.free} of these pots are free.`,
  "fewer-pots-free": (f) => `Only ${f.free} of these pots are free; those in use are looked at when they are empty.`,
  "mix-gone": () => "This mix is not at hand any more. Choose another.",
  "pot-cracked": () => "This pot is cracked: it would break with the ball in it. Choose another.",
  "only-fibre-planted-whole": () => "Only a pot that rots in the mix is planted whole: pressed fibre or dung.",
  "bare-roots-unmeasured": () =>
    "Bare roots are no ball: say how far they spread and how long the longest is that stays.",
  "bottom-layer-too-deep": () => "A bottom layer of more than half the pot leaves too little room for roots.",
  "flare-would-be-bared": () => "Taking off more than lies above the flare would bare the roots.",
  "rim-below-pot": (f, u) =>
    `The pot is only about ${millimetres(f.potDepthMm, u)} deep inside: so little mix is no potting.`,
  "mass-unlikely": (f, u) => `About ${kilograms(f.expectedKg, u)} were expected. Check the scale, or leave it empty.`,
  "ball-too-wide": (f, u) =>
    `The ball is ${millimetres(f.ballMm, u)} wide where this pot is ${millimetres(f.potMm, u)}: take a wider pot, or take ${millimetres(f.shaveMm, u)} off each side.`,
  "ball-too-tall": (f, u) =>
    `The ball stands ${millimetres(f.trimMm, u)} too tall for this pot: take a deeper one, or a correction that takes more off the base.`,
  "not-that-deep": () => "More than 2 m down is no pot.",
  "measure-something": () => "Measure at least one thing.",
  "see-something": () => "Say at least one thing you saw.",
  "roots-unseen": () => "Say at least one of the two: how full, or how much circles.",
  "new-roots-needed": () => "The length of the longest new roots; 0 where none are to be seen.",
  "new-roots-too-long": () => "More than 2 m of new roots: is it the right unit?",
  "roots-that-stayed-needed": () => "The share of roots that stayed, in per cent.",
  "no-potting-before": () => "It was not potted on record before this day: there is no fresh mix to look into.",
  "no-stake": () => "No stake is on record on this day.",
  "wood-stage": () => "Stages that speak of the wood: 91, 93, 95 or 97.",
  "write-something": () => "Write something first.",
  "rescue-cause-needed": () => "Say what happened to it, as far as you can tell.",
  "soak-drowns": () => "More than a day under water drowns what is left.",
  "rescue-goes-on": () => "A rescue goes on at this tree already: see its checkpoints.",
  "no-rescue": () => "No rescue goes on at this tree on that day.",
  "young-roots-hardier": () => "Young roots die at no lower temperature than old ones.",
  "choose-picture": () => "Choose a picture.",
  "not-a-picture": () => "This is no photograph. JPEG, PNG and WebP pictures can be read.",
  "picture-damaged": () =>
    "This picture cannot be read: it may be damaged or cut short, or of a kind only its camera knows. JPEG, PNG and WebP can be read.",
  "choose-place": () => "Choose a place.",
  "place-gone": () => "This place is not there any more.",
  "place-name-needed": () => "Give the place the name you call it by.",
  "place-name-taken": (f) => `There is a place named “${f.name}” already.`,
  "name-taken": (f) => `There is one named “${f.name}” already.`,
  "nothing-new": () => "Say what is new about it.",
  "door-wider-than-wall": () => "The door is wider than the wall it is in: check both.",
  "heated-and-aired": () => "It would be heated and aired at once: air it above what the heater keeps.",
  "pots-name-needed": () => "Give these pots a name you will know them by.",
  "one-pot-at-least": () => "At least one pot.",
  "so-recorded-already": () => "They are recorded so already.",
  "free-or-name-tree": () => "None of these pots is free: name the tree it stands under.",
  "not-in-these-pots": () => "This tree does not stand in one of these pots.",
  "batch-in-many-pots": () => "A batch stands in many pots: take one plant out of it first.",
  "pot-shared": () => "Several trees share this pot: it gets a record of its own once one of them has it to itself.",
  "recipe-name-needed": () => "Give the recipe a name.",
  "component-in-use": (f) => `The recipe ${f.recipe} uses it: take it out there first.`,
  "component-gone": () => "One of these components is not on record any more.",
  "mix-of-sick-tree": () => "Mix of a sick or dead tree is not kept: it would carry what ailed it. Discard it.",
  "choose-currency": () => "Choose a currency from the list.",
  "task-needed": () => "What is to be done?",
  "not-ahead": () => "Choose a day that lies ahead.",
  "person-name-needed": () => "A name or a role, such as caretaker.",
  "lift-above-limit": (_f, u) =>
    `Above ${kilograms(SOLO_LIMIT_KG, u)} nobody lifts alone. A limit may be lowered, not raised.`,
  "one-keeper": () => "There is one keeper on record already: change that entry.",
  "person-gone": () => "This person is not on record any more.",
  "lows-above-highs": () => "The mean lowest is above the mean highest.",
  "alert-name-needed": () => spelt("Give it a name, such as Fleece on the figs."),
  "record-gone": () => "One of these records is not there any more. Look at the list once more.",
  "file-known": () => "This very file has been read in already.",
  "file-unread": (f) => f.why,
  "no-thermometer": () => "No thermometer is connected for this place.",
  "no-own-record": () => "A thermometer is compared with the site's own record: read one in first.",
  "nothing-newer": () => "It has nothing new since it was last asked.",
  "thermometer-silent": () => "The thermometer does not answer just now: try again in a moment.",
  "own-weights-first": () => "Say your own weights first.",
  "plan-gone": () => "This plan is not kept any more: plan the collection anew.",
  "trees-not-planned": () => "None of these trees is in the plan.",
  "stands-gone": () => "None of these trees and places is there any more: look again.",
  line: (f) => `Line ${f.line}: ${f.why}`,
  "choose-file": () => "Choose a file.",
  "no-good-line": () => "No line of this file can come in as it is. Look at the faults.",
  "entry-gone": () => "There is no such entry.",
  "undone-already": () => "This has been undone already.",
  "settings-not-undone": () => "Units and currency are only how things are shown: choose them again under Climate.",
  "start-not-undone": () => "The start of the collection cannot be undone.",
  "later-entries": (f) =>
    `Later entries build on ${f.several ? "these" : "this one"}: ${f.shown.join("; ")}${f.more > 0 ? ` and ${f.more} more` : ""}.`,
  "corrected-already": () =>
    "What you are correcting has been undone or corrected already. Look at the history once more.",
  "collection-name-needed": () => "Give the collection a name.",
  "no-such-command": (f) => `There is no command named "${f.name}".`,
  "only-looking": () => "You may look at this collection, but not change it.",
  "collection-gone": () => "This collection does not exist any more.",
  "sent-before": () =>
    "This was sent before with another content, which is recorded. Load the page again, look at the history, then enter it anew.",
  "backup-put-back": () =>
    "A backup was put back after this page was opened, so it shows another state. Copy what you typed, load the page again, then save.",
  "changed-since": (f) =>
    `Somebody changed ${SUBJECT_WORDS[f.what]} after this page was opened. Look at what is new, then save again: what you typed is still here.`,
  "backup-going-on": () =>
    "A backup is being put back just now. Nothing was saved and what you typed is still here: try again in a minute.",
  "too-much-at-once": () =>
    "Too much is being saved at once. This was not saved and what you typed is still here: try again in a moment.",
  "database-away": () =>
    "The database does not answer just now. Nothing was saved and what you typed is still here: try again in a moment.",
  "program-fault": () =>
    "This could not be done because of a fault in the program. Nothing was changed and what you typed is still here.",
  "disk-full": (f) =>
    `The disk of this machine is almost full (${number(f.freeMb)} MB left), so nothing can be saved. Everything can still be read. Make room, then save again: what you typed is still here.`,
  "no-answer": () => "Aurelian does not answer: is it still running? Nothing was lost here; try again in a moment.",
  "foreign-site": () => "Asked from another site.",
  "not-readable-request": () => "This request cannot be read.",
  "too-deep": (f) => `This request is nested more than ${f.most} deep.`,
  "too-many-values": (f) => `This request holds more than ${number(f.most)} values.`,
  "too-large": (f) =>
    `${SENT_WORDS[f.what]} is larger than ${megabytes(f.mostBytes)}, which is the most that is taken at once.`,
  "cut-off": (f) =>
    `${SENT_WORDS[f.what]} was cut off on its way: ${number(f.cameBytes)} of ${number(f.announcedBytes)} bytes came. Nothing was kept; send it again.`,
};

/** What is wrong, in a grower's words and units. */
export function faultWords(fault: Fault, units: Units): string {
  // Sound because a fault's figures are those of its code.
  const words = FAULT_WORDS[fault.code] as (figures: unknown, units: Units) => string;
  return words("figures" in fault ? fault.figures : undefined, units);
}
