import { renderToStaticMarkup } from "react-dom/server";
import type { Vessel } from "@/core/vessel/index";
import { mixColumn, READY_MIXES } from "@/core/mix/index";
import { MixColumnDrawing } from "./mix-column";
import { PotSection, type PotSectionProps } from "./pot-section";
import { YardPot, yardPotWidth } from "./yard-pot";
import { rootTone, woodTone } from "./tones";

const CROWN = { form: "spreading", seed: "a", heightMm: 1500, guessed: false } as const;
const small: Vessel = { shape: "round", topWidthMm: 220, baseWidthMm: 165, heightMm: 205, wall: "smooth-plastic" };
const large: Vessel = { shape: "round", topWidthMm: 440, baseWidthMm: 330, heightMm: 410, wall: "terracotta" };
const section: PotSectionProps = {
  vessel: small,
  fillHeightMm: 185,
  bottomLayerMm: 0,
  fill: 0.6,
  circling: 1,
  widthPx: 400,
  heightPx: 360,
  title: "T-1 in Black 22 cm",
  description: "5.4 L of mix, 60 % filled",
  units: "metric",
};
const draw = (more: Partial<PotSectionProps> = {}) => renderToStaticMarkup(<PotSection {...section} {...more} />);

test("a section says in words what it shows, and draws numbers only", () => {
  const svg = draw();
  expect(svg).toContain('aria-label="T-1 in Black 22 cm. 5.4 L of mix, 60 % filled"');
  expect(svg).toContain("220 mm wide · 205 mm deep inside");
  expect(svg).not.toMatch(/NaN|undefined|Infinity/);
  expect(draw({ units: "us" })).toContain("8.7 in wide");
});

test("the ghost of the next pot stands round the present one, to the same scale", () => {
  const svg = draw({ ghost: { vessel: large, fillHeightMm: 380, label: "next: Terracotta 44 cm" } });
  expect(svg).toContain("next: Terracotta 44 cm");
  expect(svg).toContain('stroke-dasharray="8 5"');
});

test("a shape that is only guessed is drawn broken and says so", () => {
  expect(draw({ guessed: true })).toContain("shape guessed");
  expect(draw()).not.toContain("shape guessed");
});

test("fuller pots show more roots, turning ones show turns, gravel shows as gravel", () => {
  const roots = (svg: string) => svg.match(/stroke-linecap="round"|opacity="0.75"/g)?.length ?? 0;
  expect(roots(draw({ fill: 0.95 }))).toBeGreaterThan(roots(draw({ fill: 0.2 })));
  expect(roots(draw({ circling: 4 }))).toBeGreaterThan(roots(draw({ circling: 0 })));
  expect(draw({ bottomLayerMm: 40 })).toContain("url(#s0-gravel)");
  expect(draw({ bottomLayerMm: 0 })).not.toContain('fill="url(#s0-gravel)"');
});

test("a ball being set stands on its base layer, with its measures beside it", () => {
  const svg = draw({
    vessel: large,
    fillHeightMm: 380,
    ball: { topWidthMm: 200, baseWidthMm: 160, heightMm: 180, standsAtMm: 205 },
    dimensions: [{ side: "left", fromMm: 0, toMm: 205, label: "205 mm" }],
    looseFillHeightMm: 395,
  });
  expect(svg).toContain("205 mm");
  expect(svg).toContain('stroke-dasharray="3 3"');
  expect(svg).not.toMatch(/NaN/);
});

test("the same seed draws the same roots", () => {
  expect(draw({ seed: 4 })).toBe(draw({ seed: 4 }));
  expect(draw({ seed: 4 })).not.toBe(draw({ seed: 5 }));
});

test("pots of the Yard share one scale; a batch carries its count; a leafless crown is twigs", () => {
  const pot = (vessel: Vessel, more: object = {}) =>
    renderToStaticMarkup(
      <YardPot
        vessel={vessel}
        fillHeightMm={180}
        fill={0.5}
        ripe={0.4}
        scale={0.2}
        crownScale={0.06}
        crown={CROWN}
        count={1}
        guessed={false}
        {...more}
      />,
    );
  expect(yardPotWidth(large, CROWN, 0.2, 0.01) - 10).toBeGreaterThan(
    1.8 * (yardPotWidth(small, CROWN, 0.2, 0.01) - 10),
  );
  // A wide crown needs its room, too.
  expect(yardPotWidth(small, { ...CROWN, heightMm: 3000 }, 0.2, 0.06)).toBeGreaterThan(150);
  expect(pot(small, { count: 30 })).toContain("×30");
  expect(pot(small)).not.toContain("×");
  // Leaves are the one path that is filled and see-through; bare in winter.
  expect(pot(small)).toContain('fill-opacity="0.88"');
  expect(pot(small, { ripe: null })).not.toContain('fill-opacity="0.88"');
  expect(pot(small)).toContain('opacity="1"');
  expect(pot(small, { crown: { ...CROWN, guessed: true } })).toContain('opacity="0.75"');
  expect(pot(small)).toContain('aria-hidden="true"');
});

test("tones run from one end to the other", () => {
  expect(rootTone(0)).toBe("#efe3c4");
  expect(rootTone(1)).toBe("#9e4a28");
  expect(woodTone(0)).not.toBe(woodTone(1));
});

describe("a mix in its pot", () => {
  const column = (layerMm: number) =>
    mixColumn({ mix: READY_MIXES["compost-bark"], vessel: small, fillHeightMm: 185, bottomLayerMm: layerMm });
  const drawn = (layerMm: number) =>
    renderToStaticMarkup(
      <MixColumnDrawing
        vessel={small}
        column={column(layerMm)}
        fillHeightMm={185}
        bottomLayerMm={layerMm}
        scaleToMm={205}
        widestMm={220}
        widthPx={400}
        heightPx={300}
        title="Compost and bark"
        units="metric"
        id="t"
      />,
    );
  test("says air, water and the sodden zone in words, and draws a pattern for each kind of water", () => {
    const svg = drawn(0);
    expect(svg).toMatch(
      /aria-label="Compost and bark: [\d.]+ L of air, [\d.]+ L of water, of which [\d.]+ L for roots; sodden to \d+ mm above the floor"/,
    );
    expect(svg).toContain("url(#t-available)");
    expect(svg).not.toMatch(/NaN|undefined|Infinity/);
  });
  test("a gravel layer shows as gravel, and the sodden zone stands on it", () => {
    expect(drawn(40)).toContain("above the gravel");
    expect(drawn(40)).toContain('fill="url(#t-gravel)"');
    expect(drawn(0)).not.toContain('fill="url(#t-gravel)"');
  });
});

test("bare roots hang over their mound, a lean turns stem and ball, a shard covers the hole, an empty pot is empty", () => {
  const bare = draw({ bareRoots: { collarMm: 190, moundMm: 90, spreadMm: 150 }, cover: true });
  expect(bare.match(/stroke="#93663c"/g)).toHaveLength(13);
  expect(bare).toContain("q13 -11 26 0");
  const ball = { topWidthMm: 120, baseWidthMm: 100, heightMm: 110, standsAtMm: 70, shiftMm: -20 };
  expect(draw({ ball, tiltDeg: 8 }).match(/rotate\(8 /g)).toHaveLength(2);
  expect(draw({ ball })).not.toContain("rotate(");
  expect(draw({ ball })).not.toBe(draw({ ball: { ...ball, shiftMm: 0 } }));
  const empty = draw({ empty: true });
  expect(empty).not.toContain('url(#s0-mix)"/>');
  expect(empty).not.toMatch(/NaN/);
});

test("today's loose fill is a broken line with its word, none where it is the settled one", () => {
  expect(draw({ looseFillHeightMm: 195 })).toContain(">today<");
  expect(draw({ looseFillHeightMm: 185 })).not.toContain(">today<");
});
