export * from "./event";
