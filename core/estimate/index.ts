export * from "./estimate";
