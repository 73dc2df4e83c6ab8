export * from "./random";
