/** States by their names, as the gazetteer's codes have them; of other countries it knows mere numbers. */
const US_STATES =
  "AL alabama,AK alaska,AZ arizona,AR arkansas,CA california,CO colorado,CT connecticut,DE delaware,DC district of columbia,FL florida,GA georgia,HI hawaii,ID idaho,IL illinois,IN indiana,IA iowa,KS kansas,KY kentucky,LA louisiana,ME maine,MD maryland,MA massachusetts,MI michigan,MN minnesota,MS mississippi,MO missouri,MT montana,NE nebraska,NV nevada,NH new hampshire,NJ new jersey,NM new mexico,NY new york,NC north carolina,ND north dakota,OH ohio,OK oklahoma,OR oregon,PA pennsylvania,RI rhode island,SC south carolina,SD south dakota,TN tennessee,TX texas,UT utah,VT vermont,VA virginia,WA washington,WV west virginia,WI wisconsin,WY wyoming";
const GB_NATIONS = "ENG england,SCT scotland,WLS wales,NIR northern ireland";

const named = (text: string) =>
  new Map(text.split(",").map((part): [string, string] => [part.slice(part.indexOf(" ") + 1), part.split(" ")[0]]));
const REGIONS: Readonly<Record<string, ReadonlyMap<string, string>>> = { US: named(US_STATES), GB: named(GB_NATIONS) };

/** How people call countries besides their names. */
const CALLED: Readonly<Record<string, string>> = {
  usa: "US",
  america: "US",
  uk: "GB",
  britain: "GB",
  "great britain": "GB",
};

/** Whether a folded word names the country, or a state or nation in it. */
export function namesRegion(word: string, country: string, region: string): boolean {
  return CALLED[word] === country || region.toLowerCase() === word || REGIONS[country]?.get(word) === region;
}
