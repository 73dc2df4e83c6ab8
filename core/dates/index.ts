export * from "./dates";
export * from "./reach";
export * from "./rough";
