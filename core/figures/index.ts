export * from "./figures";
