import type { CommandCorrecting, CommandSent } from "@/contract/index";
import { type DayRange, writeRoughDate } from "@/core/dates/index";
import type { ArrivalForm, DeathCause, Ending, EventPayload, LoggedPayload } from "@/core/event/index";
import type { ReadyMixName } from "@/core/mix/index";
import type { CorrectionName } from "@/core/roots/index";
import type { Pot } from "@/core/vessel/index";
import { readNumber, readOptional } from "@/words/format";

/** An event as the form starts from it. */
export interface Correctable {
  eventId: string;
  treeId: string;
  on: { best: string; from: string; to: string };
  potLotId: string | null;
  pot: Pot | null;
  payload: EventPayload;
  plants: number;
}

export type Draft = Record<string, string>;
/** Fields of the form that are called otherwise than in the command. */
export type OwnField = "depth" | "trunk" | "height" | "crown";

export const CORRECTED_BY = {
  arrived: "correct-arrival",
  potted: "record-past-potting",
  "roots-read": "record-roots",
  measured: "record-measure",
  noted: "add-note",
  ended: "end-tree",
} as const satisfies { [K in EventPayload["kind"]]?: CommandCorrecting<K> };
export type CorrectableKind = keyof typeof CORRECTED_BY;
export type Correcting = (typeof CORRECTED_BY)[CorrectableKind];

export function canCorrect(payload: LoggedPayload): payload is EventPayload {
  return payload.kind in CORRECTED_BY && !(payload.kind === "ended" && payload.how === "merged");
}

export function draftFrom({ payload, on, potLotId, plants }: Correctable): Draft {
  const draft: Draft = { on: writeRoughDate(on), potLotId: potLotId ?? "" };
  switch (payload.kind) {
    case "arrived":
      draft.form = payload.form;
      draft.lastPotted = writeRoughDate(payload.lastPotted);
      draft.depth = payload.depthToMixMm ? String(payload.depthToMixMm) : "";
      draft.count = String(plants);
      break;
    case "potted":
      draft.mix = typeof payload.mix === "string" ? payload.mix : "";
      draft.correction = payload.correction;
      break;
    case "roots-read":
      draft.fill = String(payload.fillGrade ?? "");
      draft.circling = String(payload.circlingGrade ?? "");
      draft.by = payload.by ?? "look";
      break;
    case "measured":
      draft.depth = payload.depthToMixMm ? String(payload.depthToMixMm) : "";
      draft.trunk = payload.trunkMm ? String(payload.trunkMm) : "";
      draft.height = payload.heightM ? String(payload.heightM) : "";
      draft.crown = payload.crownM ? String(payload.crownM) : "";
      break;
    case "noted":
      draft.text = payload.text;
      break;
    case "ended":
      draft.how = payload.how;
      draft.cause = payload.cause ?? "unknown";
      draft.count = String(payload.count);
      draft.text = payload.note;
      break;
  }
  return draft;
}

/** The command as the form has it, with its days and pot as they were read. */
export function bodyOf(
  event: Correctable,
  collectionId: string,
  draft: Draft,
  { on, last, pot, potLeaves }: { on: DayRange; last: DayRange | null; pot: Pot | null; potLeaves: boolean },
): CommandSent<Correcting> {
  const optional = (field: string, kind: "mm" | "m") => readOptional(draft[field] ?? "", kind);
  const typed = readNumber(draft.count ?? "");
  const count = Number.isNaN(typed) ? 0 : typed;
  const about = { collectionId, replacesEventId: event.eventId, treeId: event.treeId };
  switch (event.payload.kind as CorrectableKind) {
    case "arrived":
      return {
        ...about,
        arrivedOn: on,
        form: draft.form as ArrivalForm,
        lastPotted: last,
        pot,
        depthToMixMm: optional("depth", "mm"),
        count,
      };
    case "potted":
      return {
        ...about,
        when: on,
        potLotId: draft.potLotId === "" ? null : draft.potLotId,
        pot: null,
        mix: draft.mix === "" ? null : (draft.mix as ReadyMixName),
        correction: draft.correction as CorrectionName,
      };
    case "roots-read":
      return {
        ...about,
        on,
        fillGrade: draft.fill === "" ? null : Number(draft.fill),
        circlingGrade: draft.circling === "" ? null : Number(draft.circling),
        by: draft.by === "feel" ? "feel" : "look",
      };
    case "measured":
      return {
        ...about,
        on,
        pot,
        depthToMixMm: optional("depth", "mm"),
        trunkMm: optional("trunk", "mm"),
        heightM: optional("height", "m"),
        crownM: optional("crown", "m"),
      };
    case "noted":
      return { ...about, on, text: draft.text };
    case "ended":
      return {
        ...about,
        on,
        how: draft.how as Exclude<Ending, "merged">,
        cause: draft.how === "died" ? (draft.cause as DeathCause) : null,
        count,
        potLeaves,
        note: draft.text,
      };
  }
}
