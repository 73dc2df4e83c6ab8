export * from "./care";
export * from "./checks";
export * from "./habits";
export * from "./hardening";
export * from "./hardiness";
export * from "./season";
export * from "./series";
