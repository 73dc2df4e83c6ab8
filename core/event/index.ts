export * from "./forms";
export * from "./event";
export * from "./counting";
export * from "./subjects";
export * from "./versions";
export * from "./traits";
export { isoDate } from "../fault/index";
