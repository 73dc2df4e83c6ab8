export * from "./situation";
export * from "./figures";
export * from "./judge";
export * from "./season-facts";
