import type { EventPayload, LoggedPayload } from "@/core/event/index";
import { mixEstimate } from "@/core/vessel/index";
import type { Limit } from "@/core/window/index";
import { FIELD_WORDS, looksWords } from "./species";
import type { PlaceClimate } from "@/core/climate/index";
import {
  celsius,
  day,
  degreesApart,
  kilograms,
  litres,
  millimetres,
  monthDay,
  number,
  percent,
  type Units,
} from "./format";
import { SCHOOL_WORDS } from "./ladder";
import { answerWords, repeatWords } from "./today";
import { WRAP_WORDS } from "./winter";
import { readingWords } from "./root-check";
import {
  ARRIVAL_VERDICT_WORDS,
  BEND_WORDS,
  CAUSE_WORDS,
  CIRCLING_GRADES,
  CONDITION_WORDS,
  CORRECTION_WORDS,
  ENDING_WORDS,
  FACE_WORDS,
  FEED_WORDS,
  FEEL_WORDS,
  FILL_GRADES,
  FORM_WORDS,
  FROST_PROOF_WORDS,
  frostProofKey,
  HEALTH_WORDS,
  LEAF_FALL_WORDS,
  LIMIT_WORD,
  METHOD_WORDS,
  PLACE_WORDS,
  potName,
  PRUNING_WORDS,
  RESCUE_CAUSE_WORDS,
  RESCUE_STEP_WORDS,
  STOCK_WORDS,
} from "./terms";

/** Names an event's words need beside its payload. */
export interface EventNames {
  lot: string | null;
  place: string | null;
  /** Tags of other trees it speaks of, by id. */
  tags: Record<string, string>;
  /** Name of the kind it was described as. */
  kind: string | null;
}

/** What happened, in one line. */
export function eventWords(payload: LoggedPayload, names: EventNames, units: Units): string {
  const tag = (id: string) => names.tags[id] ?? "another tree";
  switch (payload.kind) {
    case "unreadable":
      return payload.why === "later"
        ? `Something a later version of this program wrote (“${payload.was}”): this one cannot read it. It is kept, and counts again after an update.`
        : `Something that cannot be read (“${payload.was}”, damaged). It is kept as it is, and counts for nothing.`;
    case "arrived": {
      const potted = payload.lastPotted;
      const when = potted
        ? `, last potted ${potted.from === potted.to ? day(potted.best) : `between ${day(potted.from)} and ${day(potted.to)}`}`
        : "";
      return `Arrived ${FORM_WORDS[payload.form]}${names.lot ? ` in ${names.lot}` : ""}${when}`;
    }
    case "potted": {
      const kept = payload.retainedShare === null ? "" : `, ${percent(payload.retainedShare)} of roots kept`;
      const mix = payload.mixL === null ? payload.mixName : `${payload.mixName}, ${litres(payload.mixL, units)}`;
      const stands = [
        payload.wetMassKg && payload.measured?.includes("mass") ? `weighed ${kilograms(payload.wetMassKg, units)}` : "",
        payload.tiltDeg ? `leaning ${number(payload.tiltDeg)}°${payload.facing ? ` to ${payload.facing}` : ""}` : "",
        payload.facing && !payload.tiltDeg ? `facing ${payload.facing}` : "",
        payload.despite
          ? `although the window was closed (${LIMIT_WORD[payload.despite.limiting as Limit] ?? payload.despite.limiting}, safe in ${percent(payload.despite.safe)} of years)`
          : "",
        payload.flareBelowMm ? `flare still ${millimetres(payload.flareBelowMm, units)} down` : "",
      ]
        .filter(Boolean)
        .join(", ");
      return `Potted into ${names.lot ?? "a pot nobody remembers"}, ${mix}; ${CORRECTION_WORDS[payload.correction].name.toLowerCase()}${kept}${stands === "" ? "" : `; ${stands}`}`;
    }
    case "roots-read": {
      if (payload.by === "feel")
        return `Ball felt: ${payload.fillGrade === null ? "—" : FEEL_WORDS[payload.fillGrade - 1]?.name.toLowerCase()}`;
      const seen = [
        payload.fillGrade === null ? "" : FILL_GRADES[payload.fillGrade],
        payload.circlingGrade === null ? "" : `circling: ${CIRCLING_GRADES[payload.circlingGrade]}`,
        payload.reading ? readingWords(payload.reading, units) : "",
        payload.confirmed ? "the history confirmed" : "",
      ];
      return `Roots seen: ${seen.filter(Boolean).join("; ")}`;
    }
    case "rerooting-read":
      return payload.lengthMm === 0
        ? "Looked for new roots: none yet"
        : `New roots in the fresh mix, ${millimetres(payload.lengthMm, units)} long${payload.firm === null ? "" : payload.firm ? "; it stands firm" : "; it still rocks"}`;
    case "staked":
      return payload.staked ? "Staked" : "Stake taken off";
    case "worked-in-place": {
      const many = payload.count
        ? `, ${number(payload.count)} of ${millimetres(payload.widthMm ?? 0, units)}`
        : payload.depthMm
          ? `, ${millimetres(payload.depthMm, units)}`
          : "";
      return `${CORRECTION_WORDS[payload.correction].name}${payload.where ? ` (${payload.where})` : ""}${many}; ${percent(payload.retainedShare)} of roots kept`;
    }
    case "inspected":
      return `Looked over on arrival: ${ARRIVAL_VERDICT_WORDS[payload.verdict].toLowerCase()}${payload.pricePaid === null ? "" : `; paid ${number(payload.pricePaid, 2)}`}`;
    case "ladder-chosen":
      return payload.plan === null
        ? "Its plan given up"
        : `Plan chosen: ${SCHOOL_WORDS[payload.plan.school].name.toLowerCase()}, to ${litres(payload.plan.goalL, units)}`;
    case "ladder-terms":
      return `Plans made by ${SCHOOL_WORDS[payload.terms.school].name.toLowerCase()}`;
    case "rescue-begun":
      return `Rescue begun: ${RESCUE_CAUSE_WORDS[payload.cause].toLowerCase()}`;
    case "checkpoint":
      return `Checkpoint, ${RESCUE_STEP_WORDS[payload.step].name.toLowerCase()}: ${payload.sign === "seen" ? "the sign was there" : "the sign failed"}${payload.note ? ` – ${payload.note}` : ""}`;
    case "rescue-ended":
      return `Rescue ended: ${{ recovered: "recovered", lost: "lost", "given-up": "given up" }[payload.how]}`;
    case "measured": {
      const parts = [
        payload.pot ? `pot ${potName(payload.pot)}, ${litres(mixEstimate(payload.pot).p50, units)} of mix` : "",
        payload.depthToMixMm ? `${millimetres(payload.depthToMixMm, units)} from the rim to the mix` : "",
        payload.trunkMm ? `trunk ${millimetres(payload.trunkMm, units)}` : "",
        payload.heightM ? `height ${number(payload.heightM, 2)} m` : "",
        payload.crownM ? `crown ${number(payload.crownM, 2)} m across` : "",
      ];
      return `Measured: ${parts.filter(Boolean).join("; ")}`;
    }
    case "described":
      return descriptionWords(payload.changes, tag, names.kind, units);
    case "placed":
      return `Moved to ${names.place ?? "another place"}`;
    case "ended": {
      const n = payload.count > 1 ? `${number(payload.count)} plants ` : "";
      const cause = payload.cause && payload.cause !== "unknown" ? `: ${CAUSE_WORDS[payload.cause]}` : "";
      const words = `${n}${ENDING_WORDS[payload.how]}${cause}${payload.note ? ` – ${payload.note}` : ""}`;
      return words[0].toUpperCase() + words.slice(1);
    }
    case "split-off":
      return `${number(payload.count)} plants taken from the batch as ${tag(payload.childId)}`;
    case "split-from":
      return `Taken from the batch ${tag(payload.parentId)}`;
    case "joined":
      return payload.together.length > 1
        ? `Shares its pot: ${payload.together.map(tag).join(", ")}, ${percent(payload.share)} of the mix each`
        : "Has its pot to itself again";
    case "photographed":
      return payload.face ? `Photograph of the ball's ${FACE_WORDS[payload.face]}` : "Photograph";
    case "stocked":
      return `${number(payload.count)} × ${names.lot ?? "pot"} put in store`;
    case "discarded":
      return `${number(payload.count)} × ${names.lot ?? "pot"} thrown out`;
    case "conditioned":
      return `${names.lot ?? "Pot"}: ${CONDITION_WORDS[payload.condition]}`;
    case "lot-described": {
      const parts = [
        payload.name === undefined ? "" : `now called ${payload.name}`,
        payload.price === undefined
          ? ""
          : payload.price === null
            ? "price unknown"
            : `price ${number(payload.price, 2)}`,
        payload.toBuy === undefined ? "" : payload.toBuy ? "more can be bought" : "not to be bought any more",
        payload.frostProof === undefined
          ? ""
          : `wet frost on its clay: ${FROST_PROOF_WORDS[frostProofKey(payload.frostProof)]}`,
      ];
      return `${names.lot ?? "Pots"}: ${parts.filter(Boolean).join(", ")}`;
    }
    case "identified":
      return `Its pot got a record of its own: ${names.lot ?? "a pot"}`;
    case "component":
      return `Component ${payload.own.name}${payload.gone ? " taken out of the library" : ""}`;
    case "recipe":
      return `Recipe ${payload.name}${payload.gone ? " taken out" : ""}`;
    case "offer":
      return payload.bags.length === 0
        ? "Bags no longer on offer"
        : `Bags on offer: ${payload.bags.map((b) => `${litres(b.litres, units)} at ${number(b.price, 2)}`).join(", ")}`;
    case "product":
      return `Product ${payload.product.name}${payload.gone ? " taken off the shelf" : ""}`;
    case "reclaimed":
      return `Reclaimed mix ${payload.stock.name}: ${payload.gone ? "cleared away" : litres(payload.stock.litres, units)}`;
    case "reclaimed-used":
      return `${litres(payload.litres, units)} of reclaimed mix used`;
    case "wood-read":
      return `Wood looked at: ${woodReadWords(payload)}`;
    case "fed":
      return `Fed: ${FEED_WORDS[payload.form].toLowerCase()}, ${percent(payload.strength)} of a full dose${payload.what ? ` (${payload.what})` : ""}`;
    case "pruned":
      return `${payload.how === "hard" ? "Pruned hard" : "Pruned lightly"}${payload.crownShare ? `, ${percent(payload.crownShare)} of the crown` : ""}${payload.purpose ? `, for ${PRUNING_WORDS[payload.purpose]}` : ""}`;
    case "health":
      return `Seen to be ${HEALTH_WORDS[payload.state]}`;
    case "anchored":
      return payload.anchored ? "Rooted through its pot into the ground" : "No longer rooted in the ground";
    case "matched":
      return payload.set === null ? "Left its set" : `One of the set “${payload.set}”`;
    case "kind-said":
      return payload.values === null
        ? "Values as in the library again"
        : `Values of its own: ${Object.keys(payload.values)
            .map((f) => FIELD_WORDS[f as keyof typeof FIELD_WORDS]?.name ?? f)
            .join(", ")}`;
    case "place-described":
      return `Place described${payload.name ? `: ${payload.name}` : ""}${payload.placeKind ? `, ${PLACE_WORDS[payload.placeKind]}` : ""}`;
    case "place-built":
      return `Measured and described: ${names.place ?? "a place"}`;
    case "protected": {
      const parts = [
        payload.wrap ? WRAP_WORDS[payload.wrap] : "",
        payload.mulched ? "straw on the mix" : "",
        payload.sunk ? "sunk into the ground" : "",
      ].filter(Boolean);
      return parts.length > 0 ? `Protected: ${parts.join(", ")}` : "Its protection was taken off";
    }
    case "watered":
      return "Watered";
    case "winter-word":
      return payload.inBelowC === null
        ? "Comes in when it is calculated to need it"
        : `Comes in below ${celsius(payload.inBelowC, units)}`;
    case "shelter-planned":
      return payload.whole
        ? `Places for the winter planned for ${number(payload.stands.length)} pots`
        : `Places for the winter changed for ${number(payload.stands.length)} pots`;
    case "climate-said":
      return `Climate of the site: ${climateSaidWords(payload, units)}`;
    case "weather-ranked":
      return `Weather records put in order${payload.leftOut.length > 0 ? `, ${number(payload.leftOut.length)} set aside` : ""}`;
    case "place-climate":
      return payload.climate === null
        ? `${names.place ?? "Place"}: nights as the site's again`
        : `${names.place ?? "Place"}: ${placeClimateWords(payload.climate, units)}${payload.nights === null ? "" : `, learned from ${number(payload.nights)} nights`}`;
    case "alarm":
      return `Forecast alarm ${payload.name}${payload.gone ? " taken out" : `: ${celsius(payload.thresholdC, units)} with ${percent(payload.chance)} or more`}`;
    case "noted":
      return payload.text;
    case "withdrawn":
      return "Corrects what was said before";
    case "voided":
      return `${number(payload.entryIds.length)} entries taken back together`;
    case "person":
      return `${payload.name}: lifts up to ${number(payload.liftKg)} kg`;
    case "task":
      return payload.gone ? `Task taken out: ${payload.text}` : `Task: ${payload.text}, ${repeatWords(payload)}`;
    case "answered":
      return answerWords(payload);
    case "absence":
      return `Away ${day(payload.from)} to ${day(payload.to)}${payload.note ? `: ${payload.note}` : ""}`;
  }
}

function woodReadWords(payload: Extract<EventPayload, { kind: "wood-read" }>): string {
  return [
    payload.woodyShare === null ? "" : `${percent(payload.woodyShare)} of the shoot woody`,
    payload.bend === null ? "" : `bent, ${BEND_WORDS[payload.bend].toLowerCase()}`,
    payload.terminalBud === null ? "" : payload.terminalBud ? "end bud formed" : "no end bud yet",
    payload.leafFall === null ? "" : LEAF_FALL_WORDS[payload.leafFall].toLowerCase(),
    payload.bbch === null ? "" : `BBCH ${payload.bbch}`,
  ]
    .filter(Boolean)
    .join("; ");
}

function climateSaidWords(payload: Extract<EventPayload, { kind: "climate-said" }>, units: Units): string {
  const parts = [
    payload.normals === null ? "" : "twelve monthly normals",
    payload.frost?.last ? `usual last frost ${monthDay(payload.frost.last)}` : "",
    payload.frost?.first ? `usual first frost ${monthDay(payload.frost.first)}` : "",
    payload.extremes?.coldestNightC == null ? "" : `coldest night ${celsius(payload.extremes.coldestNightC, units)}`,
    payload.extremes?.hotAfternoonC == null ? "" : `hot afternoon ${celsius(payload.extremes.hotAfternoonC, units)}`,
  ];
  return parts.filter(Boolean).join(", ") || "as first answered";
}

/** A place's nights against the site's, in words. */
export function placeClimateWords(climate: PlaceClimate, units: Units): string {
  const warmer = climate.offsetC >= 0 ? "warmer" : "colder";
  const offset = `nights ${degreesApart(Math.abs(climate.offsetC), units)} ${warmer} at freezing`;
  return climate.damping === 0 ? offset : `${offset}, swings damped by ${percent(climate.damping)}`;
}

function descriptionWords(
  changes: Extract<EventPayload, { kind: "described" }>["changes"],
  tag: (id: string) => string,
  kind: string | null,
  units: Units,
): string {
  const parts: string[] = [];
  if (changes.tag === null) parts.push("tag lost");
  else if (changes.tag !== undefined) parts.push(`tag ${changes.tag}`);
  if (changes.kindId) parts.push(`kind ${kind ?? changes.kindId}`);
  else if (changes.typedName) parts.push(`kind ${changes.typedName}`);
  if (changes.cultivar !== undefined)
    parts.push(changes.cultivar ? `cultivar ‘${changes.cultivar}’` : "cultivar unknown");
  if (changes.looks) parts.push(looksWords(changes.looks, units));
  if (changes.rootstock) parts.push(`on ${changes.rootstock}`);
  if (changes.stockPace) parts.push(`stock ${STOCK_WORDS[changes.stockPace]}`);
  if (changes.purpose) parts.push(`purpose ${changes.purpose}`);
  if (changes.plantOutSeason !== undefined)
    parts.push(
      changes.plantOutSeason === null
        ? "stays in pots"
        : `to go into the ground in the season ${changes.plantOutSeason}`,
    );
  if (changes.finalVolumeL !== undefined)
    parts.push(changes.finalVolumeL === null ? "no final pot" : `final pot ${number(changes.finalVolumeL)} L`);
  if (changes.motherId) parts.push(`mother ${tag(changes.motherId)}`);
  else if (changes.motherName) parts.push(`mother ${changes.motherName}`);
  if (changes.method) parts.push(`raised ${METHOD_WORDS[changes.method]}`);
  return `Described: ${parts.join(", ") || "details"}`;
}
