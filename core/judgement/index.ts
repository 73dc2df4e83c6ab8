export * from "./situation";
export * from "./figures";
export * from "./share";
export * from "./season-facts";
