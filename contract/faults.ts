import type { IsoDate } from "@/core/dates/index";
import type { SubjectKind } from "@/core/event/index";
import type { InputFault } from "@/core/fault/index";
import type { PottingFault } from "@/core/potting/index";

/** What a bound counts. */
type Counted = "number" | "text" | "list";
/** What was sent when it was too large or cut off. */
export type Sent = "file" | "picture" | "request";

/** Everything that may be wrong with a write, by code, with the figures its words need. The words stand in `words/faults`. */
interface OwnFaults {
  missing: undefined;
  "not-a-number": undefined;
  "not-a-whole-number": undefined;
  "not-a-choice": undefined;
  unreadable: undefined;
  "too-small": { least: number; inclusive: boolean; of: Counted; field: string };
  "too-big": { most: number; inclusive: boolean; of: Counted; field: string };
  "future-day": { day: IsoDate };
  "before-arrival": { arrived: IsoDate };
  "too-old": { years: number };
  "too-far-ahead": { years: number };
  "not-arrived-yet": { tag: string | null };
  "left-by-then": undefined;
  "away-too-long": undefined;
  "not-a-day-of-the-year": undefined;
  "wrong-half-of-year": undefined;
  "one-without-the-other": undefined;
  "frost-without-cold": undefined;
  "cold-without-frost": undefined;
  "hot-below-cold": undefined;
  "tree-gone": undefined;
  "tag-needed": undefined;
  "tag-taken": { tag: string };
  "tag-lost-already": undefined;
  "kind-needed": undefined;
  "kind-unknown": undefined;
  "of-another-kind": undefined;
  "nothing-changed": undefined;
  "own-mother": undefined;
  "one-of-them": { tag: string };
  "shares-its-pot": { tag: string };
  "left-already": undefined;
  "fewer-plants": { plants: number };
  "split-takes-all": { plants: number };
  "choose-tree": undefined;
  "choose-trees": undefined;
  "choose-second-record": undefined;
  "choose-companions": undefined;
  "event-gone": undefined;
  "event-not-movable": undefined;
  "on-this-tree-already": undefined;
  "one-record-already": undefined;
  "merge-of-left-tree": { tag: string };
  "merge-of-unlike-counts": undefined;
  "merge-of-split-tree": { tag: string };
  "batch-in-shared-pot": { tag: string };
  "arrival-needed": undefined;
  "potted-after-arrival": undefined;
  "done-before-arrival": { day: IsoDate };
  "set-name-needed": undefined;
  "choose-pot": undefined;
  "choose-mix": undefined;
  "cutting-not-tree": undefined;
  "ball-too-proud": undefined;
  "pot-gone": undefined;
  "no-pot-free": undefined;
  "too-few-pots-free": { plants: number; free: number };
  "fewer-pots-free": { free: number };
  "mix-gone": undefined;
  "pot-cracked": undefined;
  "only-fibre-planted-whole": undefined;
  "bare-roots-unmeasured": undefined;
  "bottom-layer-too-deep": undefined;
  "flare-would-be-bared": undefined;
  "rim-below-pot": { potDepthMm: number };
  "mass-unlikely": { expectedKg: number };
  "ball-too-wide": { ballMm: number; potMm: number; shaveMm: number };
  "ball-too-tall": { trimMm: number };
  "not-that-deep": undefined;
  "measure-something": undefined;
  "see-something": undefined;
  "roots-unseen": undefined;
  "new-roots-needed": undefined;
  "new-roots-too-long": undefined;
  "roots-that-stayed-needed": undefined;
  "no-potting-before": undefined;
  "no-stake": undefined;
  "wood-stage": undefined;
  "write-something": undefined;
  "rescue-cause-needed": undefined;
  "soak-drowns": undefined;
  "rescue-goes-on": undefined;
  "no-rescue": undefined;
  "young-roots-hardier": undefined;
  "choose-picture": undefined;
  "not-a-picture": undefined;
  "picture-damaged": undefined;
  "choose-place": undefined;
  "place-gone": undefined;
  "place-name-needed": undefined;
  "place-name-taken": { name: string };
  "name-taken": { name: string };
  "nothing-new": undefined;
  "door-wider-than-wall": undefined;
  "heated-and-aired": undefined;
  "pots-name-needed": undefined;
  "one-pot-at-least": undefined;
  "so-recorded-already": undefined;
  "free-or-name-tree": undefined;
  "not-in-these-pots": undefined;
  "batch-in-many-pots": undefined;
  "pot-shared": undefined;
  "recipe-name-needed": undefined;
  "component-in-use": { recipe: string };
  "component-gone": undefined;
  "mix-of-sick-tree": undefined;
  "choose-currency": undefined;
  "person-name-needed": undefined;
  "task-needed": undefined;
  "not-ahead": undefined;
  "lift-above-limit": undefined;
  "one-keeper": undefined;
  "person-gone": undefined;
  "lows-above-highs": undefined;
  "alert-name-needed": undefined;
  "record-gone": undefined;
  "file-known": undefined;
  "file-unread": { why: string };
  "no-thermometer": undefined;
  "no-own-record": undefined;
  "nothing-newer": undefined;
  "thermometer-silent": undefined;
  "own-weights-first": undefined;
  "plan-gone": undefined;
  "trees-not-planned": undefined;
  "stands-gone": undefined;
  line: { line: number; why: string };
  "choose-file": undefined;
  "no-good-line": undefined;
  "entry-gone": undefined;
  "undone-already": undefined;
  "settings-not-undone": undefined;
  "start-not-undone": undefined;
  "later-entries": { shown: readonly string[]; more: number; several: boolean };
  "corrected-already": undefined;
  "collection-name-needed": undefined;
  "no-such-command": { name: string };
  "only-looking": undefined;
  "collection-gone": undefined;
  "sent-before": undefined;
  "backup-put-back": undefined;
  "changed-since": { what: SubjectKind };
  "backup-going-on": undefined;
  "too-much-at-once": undefined;
  "database-away": undefined;
  "program-fault": undefined;
  "disk-full": { freeMb: number };
  "no-answer": undefined;
  "foreign-site": undefined;
  "not-readable-request": undefined;
  "too-deep": { most: number };
  "too-many-values": { most: number };
  "too-large": { what: Sent; mostBytes: number };
  "cut-off": { what: Sent; cameBytes: number; announcedBytes: number };
}
type Faults = OwnFaults & Record<InputFault, undefined>;
export type FaultCode = keyof Faults;
export type FaultFigures<C extends FaultCode> = Faults[C];

/** What is wrong, and at which field: parts of the way with dots between; empty where it is the whole. */
export type Fault = {
  [C in FaultCode]: Faults[C] extends undefined
    ? { path: string; code: C }
    : { path: string; code: C; figures: Faults[C] };
}[FaultCode];

/** The figures that go with a code, as the rest of a call. */
export type WithFigures<C extends FaultCode> = Faults[C] extends undefined ? [] : [figures: Faults[C]];

export function fault<C extends FaultCode>(path: string, code: C, ...[figures]: WithFigures<C>): Fault {
  return (figures === undefined ? { path, code } : { path, code, figures }) as Fault;
}

/** For a contract's schema: the code travels as the message. */
export const wrong = (code: { [C in FaultCode]: Faults[C] extends undefined ? C : never }[FaultCode]) => ({
  error: code,
});

/** A ball that does not fit its pot, at the field of the pot. */
export function faultOfMisfit(misfit: PottingFault): Fault {
  return misfit.code === "ball-too-wide"
    ? fault("potLotId", misfit.code, { ballMm: misfit.ballMm, potMm: misfit.potMm, shaveMm: misfit.shaveMm })
    : fault("potLotId", misfit.code, { trimMm: misfit.trimMm });
}
