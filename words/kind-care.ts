import { spelt } from "./english";
import { MM_PER_INCH } from "@/core/quantity/index";
import { stepRule } from "@/core/ladder/index";
import { cropOfPot, crownLitresPerDay, potAsked } from "@/core/suits/index";
import type { KindValues } from "@/core/species/index";
import { celsius, litres, month, number, percent, type Units } from "./format";
import { FIELD_WORDS, sayField } from "./species";

/** What the site adds to what a kind asks for. */
export interface KindHere {
  kPerDegreeDay: number;
  /** Seasons until a pot of twice the mix is due again. */
  seasonsToDue: number | null;
  coldestNightC: number;
  /** Share of weather years that bring its chill. */
  chillMet: number;
  /** Month of most thirst, as its first day, and the evaporation of a mean day of it. */
  thirst: { month: string; et0Mm: number };
  /** Share of years in which its fruit ripens, and the middle day; null without a crop known by warmth. */
  ripens: { chance: number; on: string | null } | null;
}

export interface CareBlock {
  key: "pot" | "roots" | "mix" | "winter" | "crop";
  title: string;
  lines: string[];
}

/** Ground under a crown that its thirst is told for. */
const CROWN_SHOWN = {
  metric: {
    m2: 1,
    get words() {
      return spelt("A square metre");
    },
  },
  us: { m2: 10 * ((12 * MM_PER_INCH) / 1000) ** 2, words: "Ten square feet" },
} as const;

/** Frost that reaches so near to a limit counts as reaching it, K: our judgement (L). */
const NEAR_C = 2;

/** What a kind means for its grower, in five short parts: each line is worked out from its values and the site. */
export function kindCare(v: KindValues, here: KindHere, units: Units): CareBlock[] {
  const say = (name: Parameters<typeof sayField>[0]) => sayField(name, v[name], units);
  const named = (name: Parameters<typeof sayField>[0]) => `${FIELD_WORDS[name].name}: ${say(name)}.`;
  const blocks: CareBlock[] = [
    { key: "pot", title: "Its pot", lines: potLines(v, here, units) },
    { key: "roots", title: "Its roots", lines: rootLines(v, here, units) },
    {
      key: "mix",
      title: "Mix, water and feed",
      lines: [
        `Mix ${say("mixNote")}, pH ${say("ph")}; lime: ${say("lime")}.`,
        `Water: ${say("water")}. ${thirstLine(v, here, units)}`,
        `${named("feeding")}${v.phosphate === "usual" ? "" : ` ${named("phosphate")}`}${v.salt === "usual" ? "" : ` Salt: ${v.salt}.`}`,
      ],
    },
    { key: "winter", title: "Its winter", lines: winterLines(v, here, units) },
  ];
  const crop = cropLines(v, here, units);
  if (crop.length > 0) blocks.push({ key: "crop", title: "Its crop", lines: crop });
  return blocks;
}

function potLines(v: KindValues, here: KindHere, units: Units): string[] {
  const { ideal, largest } = stepRule(here.kPerDegreeDay, v.largestStep);
  const lines = [`The next pot holds about ${number(ideal, 1)} times the mix, at most ${number(largest, 1)} times.`];
  const asked = potAsked(v);
  if (asked !== "any") lines.push(`Look for: ${sayField("potNote", asked, units)}.`);
  if (v.potHeightM !== null) lines.push(`Grows to about ${sayField("potHeightM", v.potHeightM, units)} in a pot.`);
  if (v.wind !== "usual") lines.push(v.wind === "brittle" ? "Brittle in wind: tied early." : "Sturdy in wind.");
  return lines;
}

function rootLines(v: KindValues, here: KindHere, units: Units): string[] {
  const again =
    here.seasonsToDue === null
      ? "A pot of twice the mix lasts it for many seasons here."
      : `Slipped into twice the mix it is due again after about ${number(here.seasonsToDue, 1)} seasons here.`;
  return [
    again,
    `Stands the loss of ${percent(v.rootShare)} of its roots at once, ${sayField("rootWork", v.rootWork, units)}.`,
    `${v.roots === "fibrous" ? "Fine, fibrous roots" : v.roots === "tap" ? "A tap root" : "Fleshy roots"}, ${v.tolerance === "touchy" ? "easily offended" : v.tolerance === "robust" ? "forgiving" : "of usual patience"}.`,
  ];
}

function thirstLine(v: KindValues, here: KindHere, units: Units): string {
  const area = CROWN_SHOWN[units];
  const [low, high] = crownLitresPerDay(v.kc, here.thirst.et0Mm, area.m2);
  return `${area.words} of crown takes ${litres(low, units)} to ${litres(high, units)} on a usual day in ${month(here.thirst.month)} here.`;
}

function winterLines(v: KindValues, here: KindHere, units: Units): string[] {
  const c = (value: number) => celsius(value, units);
  const coldest = c(here.coldestNightC);
  const roots = `Roots in a pot die below ${c(v.rootKillYoungC)} while young, ${c(v.rootKillMatureC)} when old`;
  const lines = [
    here.coldestNightC > v.crownC + NEAR_C
      ? `Its ripe wood stands ${c(v.crownC)}; the coldest night of a usual year here is ${coldest}.`
      : `Its ripe wood is hurt below ${c(v.crownC)}, and the coldest night of a usual year here is ${coldest}: it needs shelter.`,
    here.coldestNightC > v.rootKillYoungC + NEAR_C ? `${roots}.` : `${roots}: the pot is what needs keeping.`,
    `Quarters: ${sayField("winterC", v.winterC, units)}, ${sayField("winterLight", v.winterLight, units)}.${v.bringInNightC === null ? "" : ` Brought in or covered before a night of ${c(v.bringInNightC)}.`}`,
  ];
  if (v.chillPortions[1] > 0)
    lines.push(
      here.chillMet >= 0.95
        ? `Needs ${sayField("chillPortions", v.chillPortions, units)} of winter cold, which it gets here outdoors.`
        : `Needs ${sayField("chillPortions", v.chillPortions, units)} of winter cold, which it gets outdoors here in ${percent(here.chillMet)} of years; short of it the buds open late and unevenly.`,
    );
  if (v.coolForBloom) lines.push("Cool weeks make its flowers: a warm room gives none.");
  return lines;
}

function cropLines(v: KindValues, here: KindHere, units: Units): string[] {
  const lines: string[] = [];
  if (v.cropVolumeL !== null) {
    const usual = v.cropVolumeL[1];
    const crop = cropOfPot(v, usual);
    lines.push(
      `Bears from ${litres(v.cropVolumeL[0], units)} of mix on, usually in ${litres(usual, units)}${crop === null ? "" : `: ${number(crop[0])} to ${number(crop[1])} ${v.yieldUnit} in a good year`}.`,
    );
  }
  if (here.ripens !== null)
    lines.push(
      here.ripens.on === null
        ? "Its fruit hardly ever ripens outdoors here."
        : `Ripens outdoors here in ${percent(here.ripens.chance)} of years, in the middle one by ${month(here.ripens.on)}.`,
    );
  if (lines.length > 0) lines.push(`${capital(sayField("pollination", v.pollination, units))}.`);
  return lines;
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
