export * from "./places";
export * from "./prior";
