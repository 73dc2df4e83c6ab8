export * from "./vigour";
export * from "./corrections";
export * from "./grow";
export * from "./reached";
export * from "./belief";
export * from "./reading";
export * from "./rerooting";
export * from "./pooling";
