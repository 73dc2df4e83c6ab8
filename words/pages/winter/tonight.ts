export const whatKeepsThem = "What keeps them";
