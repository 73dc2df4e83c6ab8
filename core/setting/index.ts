export * from "./setting";
