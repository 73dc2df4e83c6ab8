import type { DayNumber, IsoDate } from "@/core/dates/index";
import { toDay, toIso } from "@/core/dates/index";
import type { TodayItem } from "@/core/today/index";
import type { ShownMove, ShownRound, WinterRounds } from "@/features/winter/moves-data";

/** Moves further ahead than this wait in the moving plan, days: by then the weather has moved them. Our judgement (L). */
const AHEAD_DAYS = 60;

/** Without a trigger of its own a pot goes out within so many days of its round. Our judgement (L). */
const OUT_WITHIN_DAYS = 14;

/** The rounds of a kept layout as things to be done: each pot once, on the day of its round, until the night that would harm it. */
export function moveItems(
  facts: Pick<WinterRounds, "winter" | "in" | "out">,
  placeOf: (treeId: string) => string | null,
  on: IsoDate,
): TodayItem[] {
  const until = toDay(on) + AHEAD_DAYS;
  const of = (rounds: readonly ShownRound[]) =>
    rounds.flatMap((round) =>
      toDay(round.day) > until ? [] : round.moves.map((move) => itemOf(move, round.day, facts.winter, placeOf)),
    );
  return [...of(facts.in), ...of(facts.out)];
}

function itemOf(move: ShownMove, from: IsoDate, winter: number, placeOf: (treeId: string) => string | null): TodayItem {
  const [treeId] = move.treeIds;
  const last: DayNumber = move.direction === "in" ? toDay(move.day) : toDay(from) + OUT_WITHIN_DAYS;
  return {
    id: `${treeId}:move:${move.direction}:${winter}`,
    what: { kind: "move", direction: move.direction, toId: move.toId, to: move.to },
    tag: move.tag,
    placeId: placeOf(treeId),
    plants: move.plants,
    from,
    to: toIso(Math.max(last, toDay(from))),
    overdue: false,
    lasts: false,
    minutes: move.minutes,
    massKg: move.eachKg,
    looseMixL: null,
    because: [],
    excepted: null,
  };
}
