export * from "./dates";
export * from "./reach";
export * from "./ahead";
export { monthOf, readRoughDate, writeRoughDate, type DayRange, type RoughDate, type RoughDateSetting } from "./rough";
