export * from "./advise";
export * from "./figures";
export * from "./price";
