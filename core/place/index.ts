export * from "./hours";
export * from "./air";
export * from "./learn";
export * from "./site";
