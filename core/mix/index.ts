export * from "./schema";
export * from "./mix";
export * from "./blend";
