export * from "./fields";
export * from "./stocks";
export * from "./library";
export * from "./profile";
export * from "./schema";
export * from "./partners";
export * from "./named";
export * from "./likeness";
