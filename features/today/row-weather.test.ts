import { toDay } from "@/core/dates/index";
import type { ForecastNight } from "@/core/climate/index";
import type { TodayWhat } from "@/core/today/index";
import type { CollectionView } from "@/features/kernel/collection/load";
import { profileOf } from "@/core/species/index";
import { halfDayWords } from "@/words/windows";
import { rowWeather } from "./row-weather";

const TODAY = "2026-05-15";
const ID = "11111111-1111-4111-8111-111111111111";
const UP_POT: TodayWhat = { kind: "act", work: "up-pot", correction: null };

const night = (day: number, tminC: number, tmaxC: number, rainMm = 0): ForecastNight =>
  ({ day: toDay(TODAY) + day, tminC, tmaxC, rainMm, windMs: 2, minErrorC: 1, maxErrorC: 1 }) as ForecastNight;

/** A collection of one fig, under so many nights. */
function view(nights: ForecastNight[]): CollectionView {
  const tree = { placeId: null, profile: profileOf({ kindId: "fig", typedName: null, habit: null }), site: { nights } };
  return { today: TODAY, yard: { on: () => ({ tree: (id: string) => (id === ID ? tree : null) }) } } as never;
}

test("the best half-day of the week is named, with its warmth in the units asked for", () => {
  const asked = rowWeather(view([night(0, 8, 40), night(1, 8, 18), night(8, 10, 16)]));
  const found = asked("now", UP_POT, `${ID}:act`)!;
  expect(halfDayWords(found.best!, TODAY, "metric")).toBe("Sat 16 May, morning (12 °C)");
  expect(halfDayWords(found.best!, TODAY, "us")).toBe("Sat 16 May, morning (54 °F)");
});

test("where no half-day suits, what is in the way most often is said", () => {
  expect(rowWeather(view([night(0, 10, 16, 40), night(1, 10, 16, 40)]))("week", UP_POT, `${ID}:act`)).toEqual({
    best: null,
    against: "rain",
  });
});

test("nothing is said of looks, of own tasks, of what lies ahead, or without a forecast", () => {
  const asked = rowWeather(view([night(0, 8, 18)]));
  expect(asked("month", UP_POT, `${ID}:act`)).toBeNull();
  expect(asked("now", { kind: "act", work: "check-roots", correction: null }, `${ID}:act`)).toBeNull();
  expect(asked("now", { kind: "task", taskId: "t", text: "Sweep" }, "task:t:2026-05-15")).toBeNull();
  expect(rowWeather(view([]))("now", UP_POT, `${ID}:act`)).toBeNull();
});
