export * from "./schema";
export * from "./ball";
export * from "./setting";
export * from "./bare-root";
