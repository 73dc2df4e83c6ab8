export * from "./codes";
export * from "./decision";
export * from "./facts";
export * from "./figures";
export * from "./decide";
export { shadeDays } from "./aftercare";
export * from "./press";
export { goesByStage } from "./litres";
export { afterCut } from "./crown";
