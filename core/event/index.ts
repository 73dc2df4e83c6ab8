export * from "./forms";
export * from "./event";
