export * from "./places";
export * from "./prior";
export * from "./from-answers";
