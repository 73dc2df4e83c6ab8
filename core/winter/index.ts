export * from "./figures";
export * from "./pot-temperature";
export * from "./root-kill";
export * from "./pot-winter";
