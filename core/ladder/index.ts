export * from "./next-pot";
export * from "./schools";
export * from "./model";
export * from "./plan";
export * from "./summary";
export * from "./names";
