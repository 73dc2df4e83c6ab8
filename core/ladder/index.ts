export * from "./next-pot";
