export * from "./records";
export * from "./resolve";
export * from "./presence";
export * from "./condition";
export * from "./mix-stores";
export * from "./weather-said";
export * from "./indexed";
export * from "./store-at";
