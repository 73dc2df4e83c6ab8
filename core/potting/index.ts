export * from "./potting";
export * from "./ball";
