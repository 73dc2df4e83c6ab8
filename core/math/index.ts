export * from "./math";
export * from "./nelder-mead";
