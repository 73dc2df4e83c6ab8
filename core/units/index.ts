export * from "./units";
