export * from "./operations";
export * from "./series";
export * from "./periods";
