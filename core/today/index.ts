export * from "./answers";
export * from "./figures";
export * from "./item";
export * from "./rows";
export * from "./tasks";
