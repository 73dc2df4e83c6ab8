export * from "./schema";
export * from "./mix";
export * from "./blend";
export * from "./batch";
