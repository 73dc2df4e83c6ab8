export * from "./schema";
export * from "./setting";
