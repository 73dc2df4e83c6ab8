export * from "./place-build";
export * from "./figures";
export * from "./measures";
export * from "./pot-temperature";
export * from "./root-kill";
export * from "./freezing";
export * from "./pot-winter";
export * from "./summer";
