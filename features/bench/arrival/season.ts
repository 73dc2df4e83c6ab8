import "server-only";
import type { ArrivalContext, ArrivalOperation } from "@/contract/queries";
import { toDay, toIso } from "@/core/dates/index";
import { seasonFacts } from "@/core/judgement/index";
import { kindById, partnersOf } from "@/core/species/index";
import { kindOf, WINDOW_DAYS } from "@/model/index";
import { OPEN_FROM, openPeriods, suitabilityOn } from "@/core/window/index";
import { collectionView } from "@/features/kernel/views";
import { asOfDay } from "@/features/kernel/page-props";

const OPERATIONS: readonly ArrivalOperation[] = ["slip-up", "shave", "split", "up-pot", "bare-root"];

export async function arrivalContext(
  collectionId: string,
  kindId: string | null,
  askedOn: string | undefined,
): Promise<ArrivalContext | null> {
  const view = await collectionView(collectionId);
  if (!view) return null;
  const { yard, today } = view;
  const { site } = yard;
  const on = toDay(asOfDay(askedOn, today));
  const known = kindId !== null && kindById(kindId) ? kindId : null;
  const profile = kindOf({ kindId: known, typedName: null, habit: "unknown" });
  const facts = seasonFacts(site, profile, on);
  const series = yard.on(on).windowsOfKind(profile, OPERATIONS);
  const ahead = site.nights.filter((n) => n.day >= on && n.day < on + 3);
  const opens = Object.fromEntries(
    OPERATIONS.map((op) => {
      const open = (suitabilityOn(series[op], on)?.suitability ?? 0) >= OPEN_FROM;
      const next = openPeriods(series[op], on, on + WINDOW_DAYS)[0];
      return [op, open ? "now" : next ? toIso(next.from) : null];
    }),
  ) as ArrivalContext["opens"];
  const partners = partnersOf(
    { id: "arriving", profile, cultivar: null },
    yard.on(on).living.map((t) => ({ id: t.id, profile: kindOf(t), cultivar: t.cultivar })),
  );
  return {
    name: profile.name,
    kind: { traits: profile.values.traits, rootShare: profile.values.rootShare },
    season: {
      phase: facts.phase,
      autumn: facts.autumn,
      weeksToCold: facts.weeksToCold,
      hottestC: ahead.length === 0 ? null : Math.max(...ahead.map((n) => n.tmaxC)),
    },
    opens,
    lonely: (partners.need === "needed" || partners.need === "other-sex") && partners.partners.length === 0,
    hazards: profile.hazards,
    note: profile.note,
    guess: profile.basis === "guess",
  };
}
