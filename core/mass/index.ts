export * from "./mass";
export * from "./soil-mass";
