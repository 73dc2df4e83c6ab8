export * from "./records";
export * from "./ball";
export * from "./mass";
export * from "./context";
export * from "./replay";
export * from "./state";
export * from "./verdict";
export * from "./collection";
