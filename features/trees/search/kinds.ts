import "server-only";
import MiniSearch, { type SearchOptions } from "minisearch";
import type { FoundKind } from "@/contract/queries";
import {
  GENERA,
  genusNamed,
  kindById,
  kindNamed,
  KINDS,
  knownValuesOf,
  nameWords,
  tellingWords,
  unlikeness,
} from "@/core/species/index";

/** A kind or genus as the finder knows it: its names, folded. */
interface Entry {
  id: string;
  names: string;
  scientific: string;
  /** Names in one word, for "sweet gum" and "sweetgum". */
  joined: string;
}

const MOST_FOUND = 8;
/** With so many found nothing wider is looked for. */
const ENOUGH = 3;
/** Of each look so many are weighed by their letters. */
const MOST_WEIGHED = 40;
/** Letters that may be wrong in a first look: none in short words, one in others. */
const oneWrong = (term: string) => (term.length < 4 ? false : 1);
/** In a second one two: "Appel". */
const twoWrong = (term: string) => (term.length < 5 ? oneWrong(term) : 2);

let index: MiniSearch<Entry> | null = null;
function opened(): MiniSearch<Entry> {
  if (index) return index;
  index = new MiniSearch<Entry>({
    fields: ["names", "scientific", "joined"],
    tokenize: nameWords,
    processTerm: (term) => term,
    searchOptions: {
      fields: ["names", "scientific"],
      prefix: (term) => term.length > 2,
      fuzzy: oneWrong,
      combineWith: "AND",
      boost: { names: 2 },
    },
  });
  index.addAll(
    [...KINDS, ...GENERA].map((kind) => ({
      id: kind.id,
      names: kind.names.join(" ; "),
      scientific: kind.scientific,
      joined: kind.names.map((name) => nameWords(name).join("")).join(" "),
    })),
  );
  return index;
}

/** A kind of the library with what tells it from others of like name. */
export function foundKind(id: string, exact = false): FoundKind {
  const kind = kindById(id)!;
  const values = knownValuesOf({ kindId: id, typedName: null, habit: null });
  return {
    id,
    name: kind.names[0],
    scientific: kind.scientific,
    group: values.group.value,
    leaf: values.leaf.value,
    rank: kind.rank === "genus" ? "genus" : "kind",
    exact,
  };
}

/** Beyond this a name is not what was asked for. */
const MOST_UNLIKE = 1.45;

/**
 * Kinds that somebody may mean, the nearest first: by common or scientific name, in part, with letters wrong. Only an exact name is
 * told as such; a species that is not in the library brings its genus.
 * @param mostUnlike how unlike a name may be, 0 for the same words; about .5 for a letter or two
 */
export function findKinds(text: string, mostUnlike = MOST_UNLIKE): FoundKind[] {
  const exact = kindNamed(text);
  const genus = genusNamed(text);
  const asked = tellingWords(text);
  const joint = asked.join(" ");
  const hits = new Set<string>();
  const look = (query: string, options?: SearchOptions) => {
    if (query !== "")
      for (const hit of opened().search(query, options).slice(0, MOST_WEIGHED)) hits.add(String(hit.id));
  };
  look(joint);
  // Ever wider, while too little has been found: written together, by its last word (a sugar maple is a maple), misspelt, by any word.
  const wider: (() => void)[] = [
    () => look(asked.join(""), { fields: ["joined"], fuzzy: false }),
    () => look(asked[asked.length - 1]),
    () => look(joint, { fuzzy: twoWrong, prefix: false }),
    () => look(joint, { combineWith: "OR" }),
  ];
  for (const step of wider) if (hits.size < ENOUGH) step();
  const weighed = [...hits].map((id) => {
    const kind = kindById(id)!;
    const apart = Math.min(...[...kind.names, kind.scientific].map((name) => unlikeness(joint, name)));
    // Of names alike the kind comes before its genus.
    return { id, apart: apart + (kind.rank === "genus" ? 0.01 : 0) };
  });
  weighed.sort((a, b) => a.apart - b.apart);
  const order = [exact, genus, ...weighed.filter((w) => w.apart <= mostUnlike).map((w) => w.id)];
  const ids = [...new Set(order)].filter((id) => id !== null).slice(0, MOST_FOUND);
  return ids.map((id) => foundKind(id, id === exact));
}
