/**
 * Fifty plants that nurseries of six continents sell, as a grower types them, written down before the library was widened: all must
 * be found, and none may get advice that would kill it. What a plant cannot stand stands beside it.
 */
export interface NurseryPlant {
  typed: string;
  genus: string;
  leaf: "deciduous" | "evergreen" | "semi-evergreen";
  /** Its potted roots or its crown die in an ordinary frost: it is brought in before one. */
  frostKills?: true;
  /** Its ball is left whole: roots that are cut, combed or washed cost it its life. */
  wholeBall?: true;
  /** Lime in mix or water kills it slowly. */
  limeKills?: true;
  /** Usual doses of phosphate poison it. */
  phosphateKills?: true;
  /** A warm room for the winter costs it its life within a year or two: it must be cold. */
  mustBeCold?: true;
}

export const FIFTY: readonly NurseryPlant[] = [
  // Europe.
  { typed: "Oak", genus: "Quercus", leaf: "deciduous", mustBeCold: true },
  { typed: "silver birch", genus: "Betula", leaf: "deciduous", mustBeCold: true },
  { typed: "hornbeam", genus: "Carpinus", leaf: "deciduous", mustBeCold: true },
  { typed: "olive tree", genus: "Olea", leaf: "evergreen" },
  { typed: "boxwood", genus: "Buxus", leaf: "evergreen" },
  { typed: "oleander", genus: "Nerium", leaf: "evergreen" },
  { typed: "black currant", genus: "Ribes", leaf: "deciduous", mustBeCold: true },
  { typed: "heather", genus: "Calluna", leaf: "evergreen", limeKills: true },
  { typed: "photinia", genus: "Photinia", leaf: "evergreen" },
  // North America.
  { typed: "Quercus phellos", genus: "Quercus", leaf: "deciduous", mustBeCold: true },
  { typed: "eastern redbud", genus: "Cercis", leaf: "deciduous", mustBeCold: true },
  { typed: "pawpaw", genus: "Asimina", leaf: "deciduous", mustBeCold: true },
  { typed: "sugar maple", genus: "Acer", leaf: "deciduous", mustBeCold: true },
  { typed: "blueberries", genus: "Vaccinium", leaf: "deciduous", limeKills: true, mustBeCold: true },
  { typed: "crape myrtle", genus: "Lagerstroemia", leaf: "deciduous" },
  { typed: "ponderosa pine", genus: "Pinus", leaf: "evergreen", mustBeCold: true },
  { typed: "sweetgum", genus: "Liquidambar", leaf: "deciduous", mustBeCold: true },
  { typed: "saguaro", genus: "Carnegiea", leaf: "evergreen", frostKills: true },
  // Central and South America.
  { typed: "jaboticaba", genus: "Plinia", leaf: "evergreen", frostKills: true },
  { typed: "monkey puzzle", genus: "Araucaria", leaf: "evergreen" },
  { typed: "pineapple guava", genus: "Feijoa", leaf: "evergreen" },
  { typed: "jacaranda", genus: "Jacaranda", leaf: "semi-evergreen", frostKills: true },
  { typed: "surinam cherry", genus: "Eugenia", leaf: "evergreen", frostKills: true },
  { typed: "cherimoya", genus: "Annona", leaf: "semi-evergreen", frostKills: true },
  { typed: "angel's trumpet", genus: "Brugmansia", leaf: "evergreen", frostKills: true },
  { typed: "cacao", genus: "Theobroma", leaf: "evergreen", frostKills: true },
  { typed: "avocado", genus: "Persea", leaf: "evergreen", frostKills: true },
  // Africa.
  { typed: "baobab", genus: "Adansonia", leaf: "deciduous", frostKills: true },
  { typed: "coffee", genus: "Coffea", leaf: "evergreen", frostKills: true },
  { typed: "moringa", genus: "Moringa", leaf: "deciduous", frostKills: true },
  { typed: "king protea", genus: "Protea", leaf: "evergreen", wholeBall: true, phosphateKills: true, limeKills: true },
  { typed: "spekboom", genus: "Portulacaria", leaf: "evergreen", frostKills: true },
  { typed: "fever tree", genus: "Vachellia", leaf: "semi-evergreen", frostKills: true },
  { typed: "date palm", genus: "Phoenix", leaf: "evergreen", wholeBall: true },
  // Asia.
  { typed: "Japanese maple", genus: "Acer", leaf: "deciduous", mustBeCold: true },
  { typed: "ginkgo", genus: "Ginkgo", leaf: "deciduous", mustBeCold: true },
  { typed: "longan", genus: "Dimocarpus", leaf: "evergreen", frostKills: true },
  { typed: "mango", genus: "Mangifera", leaf: "evergreen", frostKills: true },
  { typed: "jackfruit", genus: "Artocarpus", leaf: "evergreen", frostKills: true },
  { typed: "Lemmon", genus: "Citrus", leaf: "evergreen", frostKills: true },
  { typed: "curry leaf", genus: "Bergera", leaf: "evergreen", frostKills: true },
  { typed: "sweet osmanthus", genus: "Osmanthus", leaf: "evergreen" },
  { typed: "tea", genus: "Camellia", leaf: "evergreen", limeKills: true },
  { typed: "flowering cherry", genus: "Prunus", leaf: "deciduous", mustBeCold: true },
  // Australia and the Pacific.
  { typed: "kowhai", genus: "Sophora", leaf: "semi-evergreen", wholeBall: true },
  { typed: "pohutukawa", genus: "Metrosideros", leaf: "evergreen", frostKills: true },
  { typed: "lilly pilly", genus: "Syzygium", leaf: "evergreen" },
  { typed: "macadamia", genus: "Macadamia", leaf: "evergreen", wholeBall: true, phosphateKills: true },
  { typed: "bottlebrush", genus: "Melaleuca", leaf: "evergreen" },
  { typed: "banksia", genus: "Banksia", leaf: "evergreen", wholeBall: true, phosphateKills: true },
];
