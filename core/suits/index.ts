export * from "./crop";
export * from "./feed";
export * from "./mix";
export * from "./pot";
export * from "./thirst";
