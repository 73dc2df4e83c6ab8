/** What a file of trees, pots or pottings may say, column by column: the name it is exported under, and the names others give it. */
export type ImportKind = "trees" | "pots" | "pottings";
export const IMPORT_KINDS = ["trees", "pots", "pottings"] as const;

export interface Column {
  field: string;
  /** Header in our own files. */
  header: string;
  label: string;
  synonyms: RegExp;
  needed?: boolean;
}

const c = (field: string, header: string, label: string, synonyms: RegExp, needed = false): Column => ({
  field,
  header,
  label,
  synonyms,
  needed,
});

/** A pot may be described by any of these; what is measured wins over a name, inside over outside. */
const POT_COLUMNS: Column[] = [
  c("wall", "wall", "wall", /^(wall|material|pot_?material|pot_?type)$/),
  c("shape", "shape", "shape", /^(shape|form_?of_?pot|pot_?shape)$/),
  c(
    "insideWidth",
    "inside_width_mm",
    "inside width at the rim",
    /^(inside_?width|inner_?width|inner_?diameter|top_?width)$/,
  ),
  c("insideBase", "inside_base_mm", "inside width at the floor", /^(inside_?base|inner_?base|base_?width)$/),
  c("insideLength", "inside_length_mm", "inside length (box)", /^(inside_?length|inner_?length|length)$/),
  c("insideHeight", "inside_height_mm", "inside height", /^(inside_?height|inner_?height|depth)$/),
  c(
    "outsideWidth",
    "outside_width_mm",
    "outside width at the rim",
    /^(outside_?width|outer_?width|rim_?width|rim|width|diameter|pot_?width|pot_?diameter)$/,
  ),
  c("girth", "girth_mm", "girth round the rim", /^(girth|circumference|round_?the_?rim)$/),
  c("outsideHeight", "outside_height_mm", "outside height", /^(outside_?height|outer_?height|pot_?height)$/),
  c("outsideBase", "outside_base_mm", "outside width at the foot", /^(outside_?base|foot_?width)$/),
  c("wallThickness", "wall_mm", "wall thickness", /^(wall_?mm|wall_?thickness|thickness)$/),
  c("corner", "corner_mm", "corner radius", /^(corner|corner_?radius)$/),
  c("bagWidth", "bag_width_mm", "bag: width lying flat", /^(bag_?width|flat_?width)$/),
  c("bagGusset", "bag_gusset_mm", "bag: opened gusset", /^(bag_?gusset|gusset)$/),
  c("bagLength", "bag_length_mm", "bag: length", /^(bag_?length)$/),
  c("size", "trade_size", "trade size (7.5 L, #3)", /^(trade_?size|size|pot_?size|container|label_?size|pot)$/),
  c(
    "litres",
    "about_litres",
    "about so many litres",
    /^(about_?litres|litres?|liters?|volume|pot_?volume|pot_?litres?|vol)$/,
  ),
  c(
    "measuredL",
    "measured_litres",
    "litres counted to the brim",
    /^(measured_?litres?|measured_?volume|brim_?litres?)$/,
  ),
];

/** The field that says whether a tree is still there: a list without such a column is given one when an end is said of a line. */
export const STATUS = "status";

const TREE_COLUMNS: Column[] = [
  c("tag", "tag", "tag", /^(tag|label|id|no|nr|number|code|tree)$/, true),
  c(
    "kind",
    "kind",
    "species",
    /^(kind|species|type|plant|name|genus|common_?name|botanical_?name|scientific_?name)$/,
    true,
  ),
  c("cultivar", "cultivar", "cultivar", /^(cultivar|variety|sort)$/),
  c("habit", "habit", "how it grows, for unlisted species", /^(habit|grows_?like)$/),
  c("purpose", "purpose", "what it is for", /^(purpose|use|what_?for)$/),
  c("count", "plants", "number of equal plants", /^(plants|count|qty|quantity|how_?many)$/),
  c("arrived", "arrived", "arrived", /^(arrived|acquired|bought|came|since|date_?acquired|arrival)$/),
  c("form", "came_as", "how it came", /^(came_?as|form|arrived_?as)$/),
  c("lastPotted", "last_potted", "last potted", /^(last_?potted|potted|repotted|last_?repotted|last_?potting)$/),
  ...POT_COLUMNS,
  c("depthToMix", "rim_to_mix_mm", "rim down to the mix", /^(rim_?to_?mix|depth_?to_?mix|finger_?depth)$/),
  c("finalVolume", "final_litres", "final pot", /^(final_?litres?|final_?volume|final_?pot)$/),
  c("trunk", "trunk_mm", "trunk at the base", /^(trunk|trunk_?width|trunk_?diameter|caliper|calliper)$/),
  c("height", "height_m", "height of the tree", /^(height|tree_?height|height_?m)$/),
  c("crown", "crown_m", "crown across", /^(crown|crown_?m|crown_?width|crown_?across)$/),
  c("rootstock", "rootstock", "rootstock", /^(rootstock|stock)$/),
  c("stockPace", "stock_class", "class of the stock", /^(stock_?class|stock_?vigou?r)$/),
  c("place", "place", "place", /^(place|location|where|stands|site)$/),
  c("mother", "mother", "mother plant", /^(mother|parent|from|source_?plant)$/),
  c("method", "raised", "how it was raised", /^(raised|method|propagation)$/),
  c("raisedOn", "raised_on", "when it was raised", /^(raised_?on|sown|struck|grafted_?on|date_?started|started)$/),
  c(STATUS, "status", "still there, dead, sold …", /^(status|state|alive|fate)$/),
  c("endedOn", "ended_on", "when it died or left", /^(ended_?on|died_?on|date_?died|sold_?on|left_?on)$/),
  c("note", "note", "note", /^(notes?|remarks?|comments?)$/),
];

const STORE_COLUMNS: Column[] = [
  c("name", "name", "name", /^(name|pot|label|description)$/, true),
  c("count", "count", "how many", /^(count|qty|quantity|how_?many|number|pieces)$/),
  ...POT_COLUMNS,
  c("price", "price", "price each", /^(price|cost|price_?each)$/),
  c("condition", "condition", "condition", /^(condition|state)$/),
  c("place", "place", "where they stand", /^(place|location|where|shelf)$/),
  c("toBuy", "to_buy", "more can be bought (yes or no)", /^(to_?buy|on_?sale|can_?be_?bought)$/),
  c("since", "since", "in store since", /^(since|bought|acquired)$/),
];

const POTTING_COLUMNS: Column[] = [
  c("tag", "tag", "tag", /^(tag|label|id|no|nr|number|code|tree)$/, true),
  c("when", "potted_on", "when", /^(potted_?on|when|date|day|potted|repotted|year)$/, true),
  c("pot", "pot", "pot, by its name in store", /^(pot|pot_?name|into)$/),
  ...POT_COLUMNS,
  c("mix", "mix", "mix", /^(mix|soil|substrate|medium)$/),
  c("correction", "correction", "what was done to the roots", /^(correction|roots|root_?work|what_?was_?done)$/),
  c("note", "note", "note", /^(notes?|remarks?|comments?)$/),
];

export const COLUMNS: Record<ImportKind, Column[]> = {
  trees: TREE_COLUMNS,
  pots: STORE_COLUMNS,
  pottings: POTTING_COLUMNS,
};

/** Which column of the file holds each field; a field that no column holds is absent. */
export type Mapping = Record<string, number>;

const UNIT_TAIL = /(_?(mm|cm|in|inch|inches|l|litres|gal|kg|m))$/;

/** Header as compared: lower case, unit in brackets or at the end set apart. */
function plain(header: string): { name: string; unit: string | null } {
  const lower = header.trim().toLowerCase();
  const bracket = /[([]\s*([a-z]+)\s*[)\]]\s*$/.exec(lower)?.[1] ?? null;
  const name = lower
    .replace(/[([].*$/, "")
    .trim()
    .replace(/[\s\-/.]+/g, "_")
    .replace(/^_+|_+$/g, "");
  return { name, unit: bracket ?? UNIT_TAIL.exec(name)?.[2] ?? null };
}

/** Guesses which column means what; each column is used once, each field filled once, the file's first fitting column wins. */
export function guessMapping(kind: ImportKind, headers: readonly string[]): Mapping {
  const mapping: Mapping = {};
  const used = new Set<number>();
  const passes: ((column: Column, header: string) => boolean)[] = [
    (column, header) => plain(header).name === column.header,
    (column, header) => column.synonyms.test(plain(header).name),
    (column, header) => column.synonyms.test(plain(header).name.replace(UNIT_TAIL, "")),
  ];
  for (const fits of passes) {
    for (const column of COLUMNS[kind]) {
      if (column.field in mapping) continue;
      const at = headers.findIndex((header, i) => !used.has(i) && fits(column, header));
      if (at < 0) continue;
      mapping[column.field] = at;
      used.add(at);
    }
  }
  return mapping;
}

/** Unit a header names for its lengths, if it does. */
export function lengthUnitOf(header: string): "mm" | "cm" | "in" | "m" | null {
  const { unit } = plain(header);
  if (unit === "inch" || unit === "inches") return "in";
  return unit === "mm" || unit === "cm" || unit === "in" || unit === "m" ? unit : null;
}
