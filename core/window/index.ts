export * from "./operations";
export * from "./courses";
export { heatSuitability } from "./slice-facts";
export * from "./judge";
export * from "./series";
export * from "./periods";
export * from "./outline";
export * from "./half-days";
