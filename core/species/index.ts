export * from "./fields";
export * from "./stocks";
export * from "./library";
export * from "./profile";
