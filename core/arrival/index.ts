export * from "./figures";
export * from "./inspect";
