export * from "./next-pot";
export * from "./schools";
export * from "./model";
export * from "./plan";
export { type Buckets, type FixedStep } from "./search";
export * from "./summary";
export * from "./names";
