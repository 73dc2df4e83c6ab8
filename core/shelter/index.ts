export * from "./assign";
export * from "./carry";
export * from "./cost";
export * from "./courses";
export * from "./days";
export * from "./outlook";
export * from "./packing";
export * from "./plan";
