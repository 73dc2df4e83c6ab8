export const inSummerAreMissing = (area: string) => `in summer ${area} are missing`;
export const inWinterAreMissing = (area: string) => `in winter ${area} are missing`;
export const fromToInSummerTo = (area: string, area2: string, area3: string, area4: string) =>
  `From ${area} to ${area2} in summer, ${area3} to ${area4} carried in.`;
export const waitASeasonForWant = (counted: string, listed: string, number: string) =>
  `${counted} wait a season for want of room (${listed}); that costs ${number} in the unit of their schools.`;
export const still = (text: string) => `Still, ${text}.`;
