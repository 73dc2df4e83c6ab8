export * from "./walls";
export * from "./schema";
export * from "./vessel";
export * from "./mass";
export * from "./nominal";
export * from "./pot";
export * from "./outside";
