export * from "./figures";
export * from "./pot-temperature";
