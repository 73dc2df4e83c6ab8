import { renderToStaticMarkup } from "react-dom/server";
import type { Vessel } from "@/core/vessel/index";
import { PotSection, type PotSectionProps } from "./pot-section";
import { YardPot, yardPotWidth } from "./yard-pot";
import { rootTone, woodTone } from "./tones";

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
        count={1}
        guessed={false}
        {...more}
      />,
    );
  expect(yardPotWidth(large, 0.2) - 10).toBeGreaterThan(1.8 * (yardPotWidth(small, 0.2) - 10));
  expect(pot(small, { count: 30 })).toContain("×30");
  expect(pot(small)).not.toContain("×");
  expect(pot(small)).toContain("<ellipse");
  expect(pot(small, { ripe: null })).not.toContain("<ellipse");
  expect(pot(small)).toContain('aria-hidden="true"');
});

test("tones run from one end to the other", () => {
  expect(rootTone(0)).toBe("#efe3c4");
  expect(rootTone(1)).toBe("#9e4a28");
  expect(woodTone(0)).not.toBe(woodTone(1));
});
