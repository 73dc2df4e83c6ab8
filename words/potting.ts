import type { PottingFault } from "@/core/potting/index";

/** A ball that does not fit, in words with what to do. */
export function faultWords(fault: PottingFault): string {
  const mm = (x: number) => `${Math.round(x)} mm`;
  return fault.code === "ball-too-wide"
    ? `The ball is ${mm(fault.ballMm)} wide where this pot is ${mm(fault.potMm)}: take a wider pot, or take ${mm(fault.shaveMm)} off each side.`
    : `The ball stands ${mm(fault.trimMm)} too tall for this pot: take a deeper one, or a correction that takes more off the base.`;
}
