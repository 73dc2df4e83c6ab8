export const twoThingsDecideWhetherIts = (howFull: string, number: string, percent: string, windowReason: string) =>
  `Two things decide: whether its roots have used up the pot (${howFull}, circling grade ${number}; due from ${percent} or grade 2), and whether this is the time for potting up where it stands. ${windowReason}`;
export const onlyItsRootsAreKnown = "Only its roots are known so far back.";
export const plants = (number: string) => ` · ${number} plants`;
export const on = (rootstock: string) => ` · on ${rootstock}`;
export const onePotWith = (text: string) => ` · one pot with ${text}`;
