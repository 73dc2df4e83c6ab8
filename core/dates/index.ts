export * from "./dates";
export * from "./rough";
