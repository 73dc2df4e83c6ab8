export const theSeasons = "The seasons";
export const arrowLeftOrRightMoves = (label: string, short: string) =>
  `${label}: ${short}. Arrow left or right moves it a season, up or down changes the pot.`;
export const canBeLifted = "can be lifted";
export const full = (percent: string) => `${percent} full`;
