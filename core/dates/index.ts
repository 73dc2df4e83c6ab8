export * from "./dates";
