import { logistic, logit } from "@/core/math/index";
import { mulberry32 } from "@/core/random/index";
import { CORRECTIONS, type CorrectionName } from "@/core/roots/index";
import { kindOf } from "@/model/index";
import type { Pot, Wall } from "@/core/vessel/index";
import type { ReadyMixName } from "@/core/mix/index";
import type { Habit } from "@/core/wood/index";
import type { DemoTree } from "./tramhalle";
import type { Past } from "./sender";

/** A row of trees that a seeded script grows a plausible past for. */
export interface Spec {
  prefix: string;
  from: number;
  count: number;
  kindId?: string;
  typedName?: string;
  habit?: Habit | "unknown";
  cultivars?: string[];
  purpose: DemoTree["purpose"];
  mix: ReadyMixName;
  wall: Wall;
  /** Litres it came in, and goes up through. */
  ladder: number[];
  /** Month and day of root work. */
  worked: string;
  finalVolumeL?: number;
  place: string;
}

/** Root-zone warmth of a season at the demo's sites, for growing a past only. */
const SEASON_DEGREE_DAYS = 1500;
const LAST_YEARS_AGO = 6;

export interface GrownTree extends DemoTree {
  place: string;
}

/** Trees with six years of pottings and looks at roots, with the usual gaps: years nobody wrote anything, sizes known by name only. */
export function grow(specs: readonly Spec[], seed: number): GrownTree[] {
  const random = mulberry32(seed);
  const between = (a: number, b: number) => a + (b - a) * random();
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)];
  const potOf = (litres: number, wall: Wall): Pot => {
    const how = random();
    if (how < 0.4) return { known: "nominal", system: "litre-label", size: String(litres), wall };
    if (how < 0.55) return { known: "about", litres: Math.round(litres * between(0.85, 1.15)), wall };
    const width = Math.round((100 * Math.cbrt(litres / 0.52) * between(0.97, 1.03)) / 5) * 5;
    return {
      known: "outside",
      shape: "round",
      wall,
      outerWidthMm: width,
      outerHeightMm: Math.round((width * between(0.88, 0.96)) / 5) * 5,
    };
  };
  return specs.flatMap((spec) =>
    Array.from({ length: spec.count }, (_, i): GrownTree => {
      const profile = kindOf({
        kindId: spec.kindId ?? null,
        typedName: spec.typedName ?? null,
        habit: spec.habit ?? null,
      });
      const pace = profile.kPerDegreeDay * Math.exp(between(-0.7, 0.7));
      const arrivedAgo = Math.floor(between(2, LAST_YEARS_AGO + 1));
      let [step, x, circling] = [0, logit(between(0.4, 0.8)), between(0, 1.2)];
      const history: DemoTree["history"] = [];
      const careless = random() < 0.15;
      for (let ago = arrivedAgo - 1; ago >= 0; ago--) {
        const grown = x + pace * SEASON_DEGREE_DAYS;
        circling = Math.min(3.6, circling + Math.max(0, logistic(grown) - 0.75) * between(1.5, 3));
        x = grown;
        const fill = logistic(x);
        const grade = fill < 0.25 ? 0 : fill < 0.5 ? 1 : fill < 0.8 ? 2 : fill < 0.95 ? 3 : 4;
        const mayMove = step < spec.ladder.length - 1;
        const moves = !careless && mayMove && (fill > 0.72 || circling > 1.5) && random() < 0.92;
        if (moves) {
          const correction: CorrectionName = circling < 0.5 ? "none" : circling < 1.5 ? "loosen" : "tease-and-clip";
          const [from, to] = [spec.ladder[step], spec.ladder[step + 1]];
          const on: Past = [ago, shifted(spec.worked, Math.round(between(-6, 12)))];
          history.push({
            do: "past-pot",
            on,
            rough: random() < 0.3 ? "season" : random() < 0.12 ? "year" : "day",
            pot: potOf(to, random() < 0.8 ? spec.wall : pick(["terracotta", "smooth-plastic", "fabric"] as const)),
            mix: random() < 0.15 ? null : spec.mix,
            correction,
          });
          x = logit(Math.min(0.95, (CORRECTIONS[correction].retained * fill * from) / to));
          circling *= 1 - CORRECTIONS[correction].circlingRemoved;
          step++;
        } else if (random() < (ago < 2 ? 0.6 : 0.35)) {
          history.push({
            do: "roots",
            on: [ago, shifted(spec.worked, Math.round(between(20, 120)))],
            fill: grade,
            circling: random() < 0.8 ? Math.round(circling) : null,
          });
        }
      }
      return {
        tag: `${spec.prefix}-${spec.from + i}`,
        kindId: spec.kindId,
        typedName: spec.typedName,
        habit: spec.habit,
        cultivar: spec.cultivars ? spec.cultivars[i % spec.cultivars.length] : undefined,
        purpose: spec.purpose,
        form: pick(["container", "container", "liner", "unknown"] as const),
        arrived: [arrivedAgo, shifted(spec.worked, Math.round(between(5, 60)))],
        pot: potOf(spec.ladder[0], "smooth-plastic"),
        finalVolumeL: spec.finalVolumeL ?? (random() < 0.7 ? spec.ladder.at(-1) : undefined),
        trunkMm: Math.round(between(12, 40)),
        heightM: Math.round(between(6, 20)) / 10,
        history: history.sort((a, b) => order(b.on) - order(a.on)),
        place: spec.place,
      };
    }),
  );
}

/** Larger for the longer past. */
function order([ago, monthDay]: Past): number {
  return ago * 10_000 - Number(monthDay.replace("-", ""));
}

/** A calendar day so many days later, in a year without a leap day; it stays within the year. */
function shifted(monthDay: string, days: number): string {
  const date = new Date(`2001-${monthDay}T00:00:00Z`);
  date.setUTCDate(date.getUTCDate() + days);
  const text = date.toISOString().slice(5, 10);
  return date.getUTCFullYear() > 2001 ? "12-28" : date.getUTCFullYear() < 2001 ? "01-03" : text;
}
