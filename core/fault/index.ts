export * from "./codes";
export * from "./day";
