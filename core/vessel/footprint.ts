import { USUAL_WALL } from "./walls";
import { usualWallMm } from "./outside";
import type { Vessel } from "./schema";

/** Ground a pot takes, as a circle of its area, and the narrowest it can be turned to go through a door, mm outside. */
export function footprintMm(vessel: Vessel): { circleMm: number; throughMm: number } {
  const wall = 2 * (vessel.wallMm ?? usualWallMm(vessel.wall ?? USUAL_WALL, widestMm(vessel)));
  switch (vessel.shape) {
    case "round":
    case "square": {
      const width = Math.max(vessel.topWidthMm, vessel.baseWidthMm) + wall;
      return { circleMm: vessel.shape === "round" ? width : EQUAL_AREA * width, throughMm: width };
    }
    case "rectangle": {
      const [length, width] = [
        Math.max(vessel.topLengthMm, vessel.baseLengthMm) + wall,
        Math.max(vessel.topWidthMm, vessel.baseWidthMm) + wall,
      ];
      return { circleMm: EQUAL_AREA * Math.sqrt(length * width), throughMm: Math.min(length, width) };
    }
    case "cylinder":
      return { circleMm: vessel.topWidthMm + wall, throughMm: vessel.topWidthMm + wall };
    case "fabric": {
      const width = vessel.topWidthMm * (1 + (vessel.stretch ?? 0)) + wall;
      return { circleMm: width, throughMm: width };
    }
    case "bag": {
      const width = (2 * (vessel.flatWidthMm + vessel.gussetMm)) / Math.PI;
      return { circleMm: width, throughMm: width };
    }
  }
}

/** Diameter of the circle of a square's area, by its side. */
const EQUAL_AREA = Math.sqrt(4 / Math.PI);
const widestMm = (v: Vessel) => (v.shape === "bag" ? v.flatWidthMm : v.topWidthMm);
