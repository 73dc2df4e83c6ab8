export * from "./number";
export * from "./quantity";
export * from "./coordinates";
