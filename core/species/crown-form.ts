import type { Group } from "./fields";

/** How a crown grows, for drawing: branching, stance, outline. */
export const CROWN_FORMS = [
  "upright",
  "spreading",
  "weeping",
  "columnar",
  "many-stemmed",
  "standard",
  "shrub",
  "conifer",
  "palm",
  "climber",
  "trained",
  "miniature",
] as const;
export type CrownForm = (typeof CROWN_FORMS)[number];

/** Genera whose habit is not what their group would say. Common knowledge of growers; a picture rests on it, no figure does (L). */
const BY_GENUS: Readonly<Record<string, CrownForm>> = Object.fromEntries(
  (
    [
      [
        "upright",
        "Pyrus Carpinus Liquidambar Liriodendron Magnolia Tilia Ginkgo Sorbus Populus Quercus Fagus Platanus Alnus",
      ],
      [
        "upright",
        "Fraxinus Stewartia Nyssa Eucalyptus Corymbia Cercidiphyllum Carya Persea Mangifera Annona Araucaria",
      ],
      ["columnar", "Cupressus Callitropsis Chamaecyparis Thuja Platycladus Podocarpus"],
      ["weeping", "Salix Schinus Callistemon"],
      [
        "many-stemmed",
        "Corylus Amelanchier Punica Ficus Lagerstroemia Hamamelis Cornus Phyllostachys Fargesia Nandina",
      ],
      ["many-stemmed", "Syringa Betula Parrotia Chaenomeles Cercis Sambucus Musa Strelitzia Psidium Tamarix Feijoa"],
      [
        "shrub",
        "Vaccinium Ribes Rubus Rhododendron Buxus Camellia Hydrangea Lavandula Salvia Thymus Ruta Teucrium Rosa",
      ],
      [
        "shrub",
        "Hebe Skimmia Pieris Kalmia Gardenia Choisya Correa Coprosma Corokia Ceanothus Lantana Mahonia Fatsia Aucuba",
      ],
      [
        "shrub",
        "Berberis Cotoneaster Pyracantha Photinia Viburnum Hibiscus Paeonia Fuchsia Buddleja Serissa Leptospermum",
      ],
      [
        "shrub",
        "Grevillea Protea Banksia Westringia Ilex Myrtus Nerium Euonymus Enkianthus Lycium Aloysia Helichrysum",
      ],
      [
        "climber",
        "Vitis Actinidia Wisteria Bougainvillea Passiflora Akebia Clematis Jasminum Hedera Mandevilla Schisandra",
      ],
      ["climber", "Trachelospermum Campsis Parthenocissus Plumbago Tecomaria Lonicera Selenicereus"],
      [
        "palm",
        "Cordyline Yucca Dracaena Dasylirion Xanthorrhoea Cycas Zamia Agave Beaucarnea Sphaeropteris Alsophila Dicksonia",
      ],
      [
        "palm",
        "Trachycarpus Phoenix Dypsis Washingtonia Jubaea Cocos Sabal Butia Howea Rhapis Chamaerops Rhapidophyllum",
      ],
      ["palm", "Chamaedorea Carica"],
      ["standard", "Citrus Olea Laurus Coffea Ligustrum Syzygium Pittosporum Arbutus Brugmansia"],
    ] as const
  ).flatMap(([form, genera]) => genera.split(" ").map((genus) => [genus, form])),
);

const BY_GROUP: Partial<Record<Group, CrownForm>> = {
  conifer: "conifer",
  "palm-like": "palm",
  "vine-like": "climber",
  citrus: "standard",
  mediterranean: "standard",
  "broadleaf-evergreen": "shrub",
  "soft-fruit": "shrub",
};

/** What a variety's name says of its habit, in the words breeders use. */
const BY_NAME: readonly (readonly [RegExp, CrownForm])[] = [
  [/\b(pendula|pendulum|pendulous|weeping)\b/i, "weeping"],
  [/\b(fastigiata|fastigiate|columnar|columnaris|pillar|column)\b/i, "columnar"],
  [/\b(multi-?stem)\b/i, "many-stemmed"],
  [/\b(espalier|cordon|fan-?trained)\b/i, "trained"],
];

/**
 * The form a tree is drawn in: what is said of it first, then its genus, its group, and else a spreading crown.
 * @param scientific botanical name; null where nobody has named it
 */
export function crownFormOf({
  scientific,
  group,
  cultivar,
  name,
  miniature,
}: {
  scientific: string | null;
  group: Group;
  cultivar: string | null;
  name: string;
  /** Kept small as an art. */
  miniature: boolean;
}): CrownForm {
  if (miniature) return "miniature";
  const said = BY_NAME.find(([words]) => words.test(`${cultivar ?? ""} ${name}`));
  if (said) return said[1];
  const genus = scientific?.replace("×", "").trim().split(/\s+/)[0] ?? "";
  return BY_GENUS[genus] ?? BY_GROUP[group] ?? "spreading";
}
