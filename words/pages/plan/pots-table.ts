export const potsToBuy = "Pots to buy";
export const noneWhatIsInStore = "None: what is in store will do.";
export const noneInTheComingTwo = "None in the coming two seasons.";
export const season = "Season";
export const howMany = "How many";
export const anyPriceGuessed = "any; price guessed";
export const allSeasons = "All seasons";
