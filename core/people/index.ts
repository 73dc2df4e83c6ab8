export * from "./people";
export * from "./carry";
