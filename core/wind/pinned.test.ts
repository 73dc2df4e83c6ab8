import {
  AIR_DENSITY_KG_PER_M3,
  DRAG_BARE,
  DRAG_IN_LEAF,
  GRAVITY_M_PER_S2,
  SMALL_POT_KG,
  standing,
  TIE_AT_SHARE,
  TIE_BRITTLE_AT_SHARE,
  tieAtShare,
  USUAL_GUST_MS,
} from "./index";

test("constants, typed once more", () => {
  expect([AIR_DENSITY_KG_PER_M3, GRAVITY_M_PER_S2, DRAG_IN_LEAF, DRAG_BARE]).toEqual([1.2, 9.81, 0.25, 0.15]);
  expect([TIE_AT_SHARE, TIE_BRITTLE_AT_SHARE, USUAL_GUST_MS, SMALL_POT_KG]).toEqual([2 / 3, 0.5, 18, 12]);
  expect((["sturdy", "usual", "brittle"] as const).map(tieAtShare)).toEqual([2 / 3, 2 / 3, 0.5]);
});

const IN_WIND = {
  crownWidthM: 1,
  crownHeightM: 1,
  crownBaseM: 1,
  baseWidthM: 0.4,
  massDryKg: 30,
  massWetKg: 40,
  inLeaf: true,
  gustMs: 15,
};

/**
 * By hand: silhouette π/4 · 1 · 1 = .7854 m², lever 1 + .5 = 1.5 m, so per pressure .7854 · .25 · 1.5 = .29452 m³. Dry it stands
 * 30 · 9.81 · .2 = 58.86 Nm: tips at √(58.86/(.29452 · .6)) = 18.250 m/s, wet at √(78.48/.17671) = 21.074, tied from
 * √(39.24/.17671) = 14.901. At 15 m/s the moment is .6 · 225 · .29452 = 39.761 Nm, with the rule's margin 59.641: that needs
 * 59.641/1.962 = 30.398 kg, .398 more than there is; or a foot of 2 · 59.641/(30 · 9.81) = .4053 m.
 */
test("a tree in wind, by hand", () => {
  const s = standing(IN_WIND);
  expect(s.silhouetteM2).toBeCloseTo(0.7854, 4);
  expect(s.leverM).toBe(1.5);
  expect(s.tipsDryMs).toBeCloseTo(18.25, 3);
  expect(s.tipsWetMs).toBeCloseTo(21.074, 3);
  expect(s.tieFromMs).toBeCloseTo(14.901, 3);
  expect(s.ballastKg).toBeCloseTo(0.398, 3);
  expect(s.baseNeededM).toBeCloseTo(0.4053, 4);
  expect(s.shareDry).toBeCloseTo(39.761 / 58.86, 4);
  expect(s.remedy).toBe("ballast");
});

test("a pot at the limit of twelve kilograms is loaded, one just below it is laid down; so is one that needs more than its own mass", () => {
  const of = (massWetKg: number, gustMs: number) =>
    standing({
      crownWidthM: 1,
      crownHeightM: 1,
      crownBaseM: 1,
      baseWidthM: 0.4,
      massDryKg: 11,
      massWetKg,
      inLeaf: true,
      gustMs,
    });
  expect([of(12, 10).remedy, of(11.999, 10).remedy]).toEqual(["ballast", "lay-or-group"]);
  const { ballastKg } = of(20, 15);
  expect([of(ballastKg + 0.01, 15).remedy, of(ballastKg - 0.01, 15).remedy]).toEqual(["ballast", "lay-or-group"]);
  expect(of(ballastKg, 15).remedy).toBe("ballast");
});

/** As above, but a brittle kind is tied at half: √(29.43/.17671) = 12.905 m/s; 39.761/.5 = 79.522 Nm needs 40.531 kg, 10.531 more. */
test("a brittle kind is tied sooner", () => {
  const s = standing({ ...IN_WIND, wind: "brittle" });
  expect(s.tieFromMs).toBeCloseTo(12.905, 3);
  expect(s.ballastKg).toBeCloseTo(10.531, 3);
  expect(s.tipsDryMs).toBeCloseTo(18.25, 3);
});
