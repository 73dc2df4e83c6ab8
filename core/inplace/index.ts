export * from "./figures";
export * from "./plan";
