export const itsPlan = "Its plan";
export const beingUpdated = "being updated";
export const compareAllSchools = "Compare all schools";
export const theCheapestWayToIts =
  "The cheapest way to its goal over fifteen seasons by the weights of its school: roots grown season by season, pots in store and to buy, what may be lifted and carried in. It is calculated again whenever something is recorded; what you choose to follow stays for two seasons.";
export const itStaysAsItIs = "It stays as it is.";
