export const changeAStep = "Change a step";
export const orDragAStepIn = "Or drag a step in the row to another season; arrow keys move it and change its pot.";
export const changeAStepOf = (name: string) => `Change a step of ${name}`;
export const season = "Season";
export const instead = "Instead";
export const into = (litres: string, potName: string) => `into ${litres}, ${potName}`;
export const whatWouldItCost = "What would it cost?";
