export * from "./forms";
export * from "./event";
export * from "./counting";
