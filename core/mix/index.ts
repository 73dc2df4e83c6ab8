export * from "./mix";
export * from "./blend";
