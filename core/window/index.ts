export * from "./operations";
export * from "./courses";
export * from "./judge";
export * from "./series";
export * from "./periods";
export * from "./half-days";
