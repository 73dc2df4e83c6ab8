import { MIDSUMMER, SEASON_LEAD_DAYS } from "../climate/index";
import { profileOf } from "../species/index";
import type { HabitParameters, WoodSeason } from "../wood/index";
import { rootSeason } from "./kind-season";

test("an evergreen's own season for root work: all of it inside, by its tolerance outside; leafless trees are not asked", () => {
  const n = 360;
  const wood = { budBreak: 100 } as WoodSeason;
  const rest = new Uint8Array(n);
  const season = (kindId: string) => {
    const profile = profileOf({ kindId, typedName: null, habit: null });
    return { profile, days: [...rootSeason(profile, { leaf: profile.values.leaf } as HabitParameters, wood, rest)] };
  };
  const lemon = season("lemon");
  expect(lemon.profile.values.rootWork).toEqual(["warm-spring"]);
  const inside = lemon.days.flatMap((v, d) => (v === 1 ? [d] : []));
  expect([inside[0], inside.at(-1)]).toEqual([SEASON_LEAD_DAYS + 40, MIDSUMMER + 10]);
  expect(inside).toHaveLength(MIDSUMMER + 11 - SEASON_LEAD_DAYS - 40);
  const outside = { robust: 0.45, normal: 0.3, touchy: 0.15 }[lemon.profile.tolerance];
  expect(new Set(lemon.days.filter((v) => v < 1).map((v) => Math.round(v * 100) / 100))).toEqual(new Set([outside]));
  expect(new Set(season("apple").days)).toEqual(new Set([1]));
  // A camellia's time begins when its bloom ends, however long before the flush that is.
  const blooming = { ...wood, budBreak: 170, bloomTo: 150 };
  const camellia = profileOf({ kindId: "camellia", typedName: null, habit: null });
  expect([...camellia.values.rootWork].sort()).toEqual(["after-bloom", "before-flush"]);
  const days = [...rootSeason(camellia, { leaf: "evergreen" } as HabitParameters, blooming, rest)];
  const open = days.flatMap((v, d) => (v === 1 ? [d] : []));
  expect([open[0], open.at(-1)]).toEqual([151, 170 + 45]);
});
