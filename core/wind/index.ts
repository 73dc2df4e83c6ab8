export * from "./wind";
