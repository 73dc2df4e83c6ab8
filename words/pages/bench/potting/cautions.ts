export const nobodyIsThereTodayAs = "Nobody is there today, as the days of your people stand.";
export const withinTheLimitOfAlone = (name: string, kilograms: string) =>
  `Within the limit of ${name} (${kilograms} alone).`;
export const aboveEverybodysOwnLimitAnd = (name: string, name2: string) =>
  `Above everybody's own limit: ${name} and ${name2} together, who as a team manage two thirds of both limits on level ground.`;
export const moreThanAnybodyWhoIs =
  "More than anybody who is there today may lift, alone or by two: sack truck, ramp or hoist, or another day.";
export const wet = (kilograms: string, lift: string) => `${kilograms} wet. ${lift}`;
export const glovesOpenBagsOfMix =
  "Gloves. Open bags of mix away from the face and damp the mix: its dust can carry germs. Cut away from the body; clean blades between trees.";
export const liftingLimitsFollowGeneralGuidance =
  "Lifting limits follow general guidance; your local rules and your own back come first.";
