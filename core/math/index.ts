export * from "./math";
