export * from "./habits";
export * from "./hardiness";
export * from "./season";
export * from "./series";
