import { readFileSync } from "node:fs";
import type { z } from "zod";
import { descriptionSchema, eventPayload } from "../event/index";
import { mixSchema, ownComponentSchema, partsSchema, productSchema, reclaimedSchema } from "../mix/index";
import { ballSchema, bareRootSchema } from "../setting/index";
import { boxSchema, potSchema, sunkSchema, vesselSchema } from "../vessel/index";
import { boundsOf } from "./index";

const SCHEMAS: Record<string, z.ZodType> = {
  event: eventPayload,
  description: descriptionSchema,
  vessel: vesselSchema,
  pot: potSchema,
  box: boxSchema,
  sunk: sunkSchema,
  ball: ballSchema,
  "bare-root": bareRootSchema,
  mix: mixSchema,
  component: ownComponentSchema,
  parts: partsSchema,
  product: productSchema,
  reclaimed: reclaimedSchema,
};

/** A bound that is moved shows here as one line; `bounds.txt` is then changed on purpose, or the slip is found. */
test("every bound of what is on record stands as it is written down", () => {
  const written = readFileSync("core/bounds/bounds.txt", "utf8").trim().split("\n").sort();
  expect(
    Object.entries(SCHEMAS)
      .flatMap(([name, schema]) => boundsOf(name, schema))
      .sort(),
  ).toEqual(written);
});
