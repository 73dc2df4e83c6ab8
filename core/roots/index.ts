export * from "./vigour";
export * from "./corrections";
export * from "./grow";
export * from "./reached";
export * from "./belief";
