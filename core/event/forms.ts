/** How a tree came. */
export const ARRIVAL_FORMS = [
  "container",
  "bare-root",
  "field-bag",
  "cutting",
  "air-layer",
  "liner",
  "unknown",
] as const;
export type ArrivalForm = (typeof ARRIVAL_FORMS)[number];
