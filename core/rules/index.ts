export * from "./situation";
export * from "./figures";
export * from "./rules";
