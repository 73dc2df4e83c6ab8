export const the80BandOfHow = (percent: string, percent2: string, number: string, number2: string) =>
  `: the 80 % band of “how full” is expected to shrink from ${percent} to ${percent2} of the pot, and that of the day it falls due from ${number} to ${number2} months`;
export const forALookEveryGrade =
  "For a look, every grade it may show is weighed by how probable it is; for an answer, the band that would be left were it certain.";
export const whatWouldTellMost = "What would tell most: ";
