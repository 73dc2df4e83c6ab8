export * from "./figures";
export * from "./protocol";
