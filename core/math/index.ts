export * from "./math";
export * from "./nelder-mead";
export * from "./solve";
export * from "./lazy";
