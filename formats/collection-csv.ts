import { faultWords } from "@/words/faults";
import { readBy } from "@/contract/read";
import { readRoughDate, type DayRange } from "@/core/dates/index";
import {
  ARRIVAL_FORMS,
  type ArrivalForm,
  type Ending,
  type Method,
  METHODS,
  type Purpose,
  PURPOSES,
} from "@/core/event/index";
import { kindById, kindOfWords, STOCK_PACES, type StockPace } from "@/core/species/index";
import {
  litresFromRim,
  type Pot,
  POT_CONDITIONS,
  type PotCondition,
  potSchema,
  type PotSizeFault,
  potSizeL,
  readPotSize,
  type Wall,
  USUAL_WALL,
  wallNamed,
  WALLS,
} from "@/core/vessel/index";
import { READY_MIX_NAMES, type ReadyMixName } from "@/core/mix/index";
import { type CorrectionName, POTTED_CORRECTIONS } from "@/core/roots/index";
import { LITRES_PER_US_GALLON, MM_PER_INCH, readFigures, readNumber } from "@/core/quantity/index";
import { type Habit, HABITS } from "@/core/wood/index";
import { COLUMNS, type ImportKind, lengthUnitOf, type Mapping } from "./collection-columns";
import { unguard } from "./csv-line";
import { dateProposals, endingNamed, numberProposals, type Proposal, sizeProposals, wordProposals } from "./proposals";
import { type Table, type TableRow } from "./table";
import { DATE_FAULTS } from "./date-faults";

export interface ImportOptions {
  /** Unit of lengths whose header names none. */
  lengthUnit: "mm" | "cm" | "in";
  volumeUnit: "L" | "gal";
  /** How 03/04/2021 is read. */
  dateOrder: "dmy" | "mdy" | null;
  /** Names as the file writes them, in lower case, with the kind that is meant by each. */
  kinds?: Readonly<Record<string, string>>;
}

/** Site facts a date needs to be understood. */
export interface ImportSetting {
  today: string;
  latitudeDeg: number;
}

export interface TreeLine {
  line: number;
  tag: string;
  kindId: string | null;
  typedName: string | null;
  habit: Habit | "unknown" | null;
  cultivar: string | null;
  purpose: Purpose;
  count: number;
  /** null: nobody knows when it came. */
  arrived: DayRange | null;
  form: ArrivalForm;
  lastPotted: DayRange | null;
  pot: Pot | null;
  depthToMixMm: number | null;
  finalVolumeL: number | null;
  trunkMm: number | null;
  heightM: number | null;
  crownM: number | null;
  rootstock: string | null;
  stockPace: StockPace | null;
  place: string | null;
  mother: string | null;
  method: Method | null;
  raisedOn: DayRange | null;
  /** It is there no more. */
  ended: Ending | null;
  endedOn: DayRange | null;
  note: string;
}

export interface PotLine {
  line: number;
  name: string;
  count: number;
  pot: Pot;
  price: number | null;
  condition: PotCondition;
  place: string | null;
  /** More of them can be bought; only then may there be none. */
  toBuy: boolean;
  since: DayRange | null;
}

export interface PottingLine {
  line: number;
  tag: string;
  when: DayRange;
  potName: string | null;
  pot: Pot | null;
  mix: ReadyMixName | null;
  correction: CorrectionName;
  note: string;
}

/** A fault, at its line and column, in a grower's words; `value` is what stood there. */
export interface CellProblem {
  line: number;
  column: string;
  message: string;
  value: string;
  /** The line cannot come in at all; otherwise it comes in with this cell left empty. */
  fatal: boolean;
  /** What may be meant. */
  propose: Proposal[];
}

export interface LinesRead<T> {
  lines: T[];
  problems: CellProblem[];
}

const LENGTH_MM = { mm: 1, cm: 10, in: MM_PER_INCH, m: 1000 };

/** Why a size was not read. */
function potSizeWords(fault: PotSizeFault): string {
  return fault.code === "no-such-class"
    ? `There is no #${fault.asked} pot: the nearest are ${fault.nearest.join(" and ")}. For true gallons write ${fault.asked} US gal.`
    : "A size such as 7.5 L, #3, 5 gal, 20 pints or 30 cm plastic; a height measured belongs in a column of its own.";
}

const ACROSS = /^(\d+(?:[.,]\d+)?)\s*(cm|mm|in(?:ch(?:es)?)?\b\.?|"|″)\s*(.*)$/i;
/** What may be said of a pot beside its width and its wall. */
const BESIDE = /\b(round|square|pots?|across|wide|width|dia(?:meter)?|rim)\b/gi;

/** "30 cm plastic", "12 in clay pot": a width across and a wall. A width alone is no volume, but better than none: "about". */
function potOfWidth(text: string, wall: Wall): Pot | null {
  const found = ACROSS.exec(text);
  if (!found) return null;
  const [, figures, unit, rest] = found;
  const named = wallNamed(rest);
  const left = rest.replace(named?.words ?? "", "").replace(BESIDE, "");
  if (/[\p{L}\p{N}]/u.test(left)) return null;
  const widthMm = readNumber(`${figures} ${/^["″]/.test(unit) ? "in" : unit}`, "mm");
  if (!(widthMm >= 50 && widthMm <= 2000)) return null;
  const of = named?.wall ?? wall;
  return {
    known: "about",
    litres: litresFromRim(/\bsquare\b/i.test(rest) ? "square" : "round", widthMm, of),
    wall: of,
  };
}

/** Reads one row's cells; remembers what it could not read. */
class Cells {
  readonly problems: CellProblem[] = [];
  constructor(
    private readonly kind: ImportKind,
    private readonly row: TableRow,
    private readonly headers: readonly string[],
    private readonly mapping: Mapping,
    private readonly options: ImportOptions,
    private readonly setting: ImportSetting,
  ) {}

  text(field: string, most = 200): string {
    const at = this.mapping[field];
    const value = at === undefined ? "" : unguard((this.row.cells[at] ?? "").trim());
    if (value.length > most) this.fault(field, `At most ${most} characters here: it is cut there.`);
    return value.slice(0, most);
  }

  /** What is wrong in a cell; of a column every line needs, the line cannot come in. */
  fault(field: string, message: string, { fatal, propose }: { fatal?: boolean; propose?: Proposal[] } = {}): void {
    const at = this.mapping[field];
    const column = COLUMNS[this.kind].find((known) => known.field === field);
    const label = column?.label ?? field;
    this.problems.push({
      line: this.row.line,
      column: at === undefined ? label : (this.headers[at] ?? label),
      message,
      value: at === undefined ? "" : (this.row.cells[at] ?? "").slice(0, 200),
      fatal: fatal ?? column?.needed ?? false,
      propose: this.proposed(field, propose ?? []),
    });
  }

  /** A word that the tree is gone, wherever it stands in a tree's line, may be the record of its end. */
  private proposed(field: string, propose: Proposal[]): Proposal[] {
    const at = this.mapping[field];
    if (this.kind !== "trees" || field === "tag" || field === "kind" || at === undefined) return propose;
    const how = endingNamed(this.row.cells[at] ?? "");
    return how === null ? propose : [{ code: "ended", how }];
  }

  /** A number above zero, in `factor` of its unit; null where nothing stands. */
  private positive(field: string, kind: "mm" | "litres" | "plain", factor: number, most: number): number | null {
    const text = this.text(field);
    if (text === "" || text === "?") return null;
    const plain = readNumber(text, "plain");
    const value = Number.isNaN(plain) ? readNumber(text, kind) : plain * factor;
    if (!(value > 0))
      this.fault(field, "A number above zero is needed here, or nothing.", { propose: numberProposals(text) });
    else if (value > most) this.fault(field, "This is too large to be true. Is the unit right?");
    else return value;
    return null;
  }

  lengthMm(field: string): number | null {
    const at = this.mapping[field];
    const unit = (at === undefined ? null : lengthUnitOf(this.headers[at] ?? "")) ?? this.options.lengthUnit;
    return this.positive(field, "mm", LENGTH_MM[unit], 16_000);
  }

  /** Litres as counted. */
  litres(field: string): number | null {
    const factor = this.options.volumeUnit === "gal" ? LITRES_PER_US_GALLON : 1;
    return this.positive(field, "litres", factor, 5000);
  }

  /** How large a pot is meant. */
  potLitres(field: string): number | null {
    const text = this.text(field, 40);
    if (text === "" || text === "?") return null;
    const read = potSizeL(this.inChosenUnit(text));
    if (typeof read === "number") return read;
    this.fault(field, potSizeWords(read), { propose: sizeProposals(text, read) });
    return null;
  }

  private inChosenUnit(text: string): string {
    return this.options.volumeUnit === "gal" && readFigures(text) !== null ? `${text} gal` : text;
  }

  /** A pot by its size as people say it: a bare number is in the unit chosen for the file. */
  potSize(field: string, wall: Wall, as: "label" | "about"): Pot | null {
    const text = this.text(field, 40);
    if (text === "" || text === "?") return null;
    const read = readPotSize(this.inChosenUnit(text), wall, as);
    if (read.ok) return read.pot;
    const across = as === "label" ? potOfWidth(text, wall) : null;
    if (across) return across;
    this.fault(field, potSizeWords(read.fault), { propose: sizeProposals(text, read.fault) });
    return null;
  }

  metres(field: string): number | null {
    const at = this.mapping[field];
    const unit = (at === undefined ? null : lengthUnitOf(this.headers[at] ?? "")) ?? "m";
    const text = this.text(field);
    if (text === "") return null;
    const plain = readNumber(text, "plain");
    const value = Number.isNaN(plain) ? readNumber(text, "mm") / 1000 : (plain * LENGTH_MM[unit]) / 1000;
    if (value > 0 && value <= 60) return value;
    this.fault(field, "The height of the tree in metres, between 0 and 60.", { propose: numberProposals(text) });
    return null;
  }

  price(field: string): number | null {
    const text = this.text(field).replace(/^[^\d.,-]+|[^\d]+$/g, "");
    if (text === "") return null;
    const value = readNumber(text);
    if (value >= 0 && value < 1e6) return value;
    this.fault(field, "A price is a number, 0 or more.");
    return null;
  }

  count(field: string, least: 0 | 1 = 1): number {
    const text = this.text(field);
    if (text === "") return 1;
    const value = readNumber(text);
    if (Number.isInteger(value) && value >= least && value <= 100_000) return value;
    this.fault(field, `A whole number, ${least === 1 ? "at least one" : "0 or more"}: 1 is taken.`, {
      propose: numberProposals(text),
    });
    return 1;
  }

  /** A rough date; null: unknown. */
  date(field: string): DayRange | null {
    const text = this.text(field);
    const read = readRoughDate(text, { ...this.setting, order: this.options.dateOrder });
    if (read.ok) return read.range;
    const arrival = field === "lastPotted" ? this.text("arrived") : "";
    const propose = dateProposals(text, this.setting, arrival === "" ? null : arrival);
    this.fault(field, DATE_FAULTS[read.fault], { propose });
    return null;
  }

  oneOf<T extends string>(field: string, allowed: readonly T[], words: string): T | null {
    const text = this.text(field)
      .toLowerCase()
      .replace(/[\s_]+/g, "-");
    if (text === "") return null;
    const found = allowed.find((name) => name === text);
    if (found) return found;
    this.fault(field, `${words}: one of ${allowed.join(", ")}, or nothing.`, {
      propose: wordProposals(text, allowed),
    });
    return null;
  }

  /** A place by its name; a word for a tree's end is none. */
  placeOf(field: string): string | null {
    const text = this.text(field, 120);
    if (endingNamed(text) === null) return text || null;
    this.fault(field, "This reads like the end of the tree, not like a place.");
    return null;
  }

  /** How the tree left, if it did. */
  ending(field: string): Ending | null {
    const text = this.text(field, 60);
    const how = endingNamed(text);
    if (how !== null || THERE.test(text)) return how;
    this.fault(
      field,
      "One of there, dead, sold, given away, planted out, lost, scrapped, or nothing: it is taken as there.",
    );
    return null;
  }
}

/** Words for a tree that stands where it stood. */
const THERE = /^(there|alive|living|yes|y|ok|fine|well|good|healthy|active|in stock|)$/i;

function readWall(cells: Cells): Wall {
  const text = cells
    .text("wall")
    .toLowerCase()
    .replace(/[\s_]+/g, "-");
  if (text === "") return USUAL_WALL;
  const wall = WALLS.find((w) => w === text) ?? wallNamed(text.replaceAll("-", " "))?.wall;
  if (wall) return wall;
  cells.fault("wall", `What is its wall of? One of ${WALLS.join(", ")}, or nothing: plastic is taken.`, {
    propose: wordProposals(text, WALLS),
  });
  return USUAL_WALL;
}

const SHAPES = ["round", "square", "rectangle", "cylinder", "fabric", "bag"] as const;

/** The pot of a line, by the best that is said of it; null where nothing is. */
function readPot(cells: Cells): Pot | null {
  const wall = readWall(cells);
  const shape = cells.oneOf("shape", SHAPES, "The pot's shape") ?? (wall === "fabric" ? "fabric" : "round");
  const inside = { width: cells.lengthMm("insideWidth"), height: cells.lengthMm("insideHeight") };
  const base = cells.lengthMm("insideBase") ?? (inside.width === null ? null : 0.8 * inside.width);
  const length = cells.lengthMm("insideLength");
  const corner = cells.lengthMm("corner");
  const bag = {
    flatWidthMm: cells.lengthMm("bagWidth"),
    gussetMm: cells.lengthMm("bagGusset"),
    lengthMm: cells.lengthMm("bagLength"),
  };
  const footMm = cells.lengthMm("outsideBase");
  const measured = cells.litres("measuredL");
  const outer = { width: cells.lengthMm("outsideWidth"), height: cells.lengthMm("outsideHeight") };
  const girth = cells.lengthMm("girth");
  const thickness = cells.lengthMm("wallThickness");
  const named = cells.potSize("size", wall, "label");
  const about = cells.potSize("litres", wall, "about");

  let pot: unknown = null;
  let at = "size";
  const counted = measured === null ? {} : { measuredVolumeL: measured };
  if (bag.flatWidthMm !== null && bag.gussetMm !== null && bag.lengthMm !== null) {
    at = "bagWidth";
    pot = { known: "measured", vessel: { shape: "bag", wall, ...bag, ...counted } };
  } else if (inside.width !== null && inside.height !== null) {
    at = "insideWidth";
    const common = { wall, heightMm: inside.height, ...counted };
    const vessel =
      shape === "cylinder" || shape === "fabric"
        ? { shape, topWidthMm: inside.width, ...common }
        : shape === "rectangle"
          ? {
              shape,
              topWidthMm: inside.width,
              baseWidthMm: base,
              topLengthMm: length ?? inside.width,
              baseLengthMm: ((length ?? inside.width) * base!) / inside.width,
              ...common,
            }
          : {
              shape: shape === "square" ? shape : "round",
              topWidthMm: inside.width,
              baseWidthMm: base,
              ...(shape === "square" && corner !== null ? { cornerRadiusMm: corner } : {}),
              ...common,
            };
    pot = { known: "measured", vessel };
  } else if ((outer.width !== null || girth !== null) && outer.height !== null) {
    at = outer.width === null ? "girth" : "outsideWidth";
    pot = {
      known: "outside",
      shape: shape === "square" || shape === "rectangle" ? "square" : "round",
      wall,
      ...(outer.width === null ? { girthMm: girth } : { outerWidthMm: outer.width }),
      outerHeightMm: outer.height,
      ...(footMm === null ? {} : { outerBaseWidthMm: footMm }),
      ...(thickness === null ? {} : { wallMm: thickness }),
    };
  } else if (named !== null) pot = named;
  else if (measured !== null || about !== null) {
    at = "litres";
    pot = measured === null ? about : { known: "about", litres: measured, wall };
  } else if (outer.width !== null || girth !== null) {
    // A width alone is no volume, but better than none: it comes in as "about".
    at = outer.width === null ? "girth" : "outsideWidth";
    const side = shape === "square" || shape === "rectangle" ? "square" : "round";
    const width = outer.width ?? girth! / (side === "round" ? Math.PI : 4);
    pot = { known: "about", litres: litresFromRim(side, width, wall), wall };
  } else if (inside.width !== null) {
    cells.fault("insideHeight", "An inside width without a height gives no volume. Add the height.");
  }
  if (pot === null) return null;
  const parsed = readBy(potSchema, pot);
  if (parsed.ok) return parsed.value;
  cells.fault(at, `This pot is not possible: ${faultWords(parsed.faults[0], "metric")}`);
  return null;
}

function cellsOf(kind: ImportKind, table: Table, mapping: Mapping, options: ImportOptions, setting: ImportSetting) {
  return table.rows.map((row) => ({ row, cells: new Cells(kind, row, table.headers, mapping, options, setting) }));
}

function gather<T>(read: { cells: Cells; value: T }[]): LinesRead<T> {
  const good = read.filter((r) => !r.cells.problems.some((p) => p.fatal)).map((r) => r.value);
  return { lines: good, problems: read.flatMap((r) => r.cells.problems) };
}

/** What a keeper has said of a name goes before what the name says itself; a genus keeps the words that say which of it. */
function kindMeant(words: string, said: ImportOptions["kinds"]): { kindId: string | null; typedName: string | null } {
  const meant = kindById(said?.[words.toLocaleLowerCase()] ?? "");
  if (!meant) return kindOfWords(words);
  return { kindId: meant.id, typedName: meant.rank === "genus" ? words : null };
}

export function readTreeLines(
  table: Table,
  mapping: Mapping,
  options: ImportOptions,
  setting: ImportSetting,
): LinesRead<TreeLine> {
  return gather(
    cellsOf("trees", table, mapping, options, setting).map(({ row, cells }) => {
      const tag = cells.text("tag", 40);
      if (tag === "") cells.fault("tag", "Every tree needs a tag.");
      const kind = cells.text("kind", 120);
      if (kind === "") cells.fault("kind", "Name the kind.");
      const { kindId, typedName } = kindMeant(kind, options.kinds);
      const [ended, endedOn] = [cells.ending("status"), cells.date("endedOn")];
      if (endedOn !== null && ended === null)
        cells.fault("endedOn", "It left on that day: did it die, or was it sold or given away?", {
          propose: (["died", "sold", "given"] as const).map((how) => ({ code: "ended", how, keep: true })),
        });
      const value: TreeLine = {
        line: row.line,
        tag,
        kindId,
        typedName,
        habit: kindId === null ? (cells.oneOf("habit", HABITS, "How it grows") ?? "unknown") : null,
        cultivar: cells.text("cultivar", 120) || null,
        purpose: cells.oneOf("purpose", PURPOSES, "What it is for") ?? "ornament",
        count: cells.count("count"),
        arrived: cells.date("arrived"),
        form: cells.oneOf("form", ARRIVAL_FORMS, "How it came") ?? "unknown",
        lastPotted: cells.date("lastPotted"),
        pot: readPot(cells),
        depthToMixMm: cells.lengthMm("depthToMix"),
        finalVolumeL: cells.potLitres("finalVolume"),
        trunkMm: cells.lengthMm("trunk"),
        heightM: cells.metres("height"),
        crownM: cells.metres("crown"),
        rootstock: cells.text("rootstock", 120) || null,
        stockPace: cells.oneOf("stockPace", STOCK_PACES, "The class of its stock"),
        place: cells.placeOf("place"),
        mother: cells.text("mother", 160) || null,
        method: cells.oneOf("method", METHODS, "How it was raised"),
        raisedOn: cells.date("raisedOn"),
        ended,
        endedOn,
        note: cells.text("note", 2000),
      };
      return { cells, value };
    }),
  );
}

export function readPotLines(
  table: Table,
  mapping: Mapping,
  options: ImportOptions,
  setting: ImportSetting,
): LinesRead<PotLine> {
  return gather(
    cellsOf("pots", table, mapping, options, setting).map(({ row, cells }) => {
      const name = cells.text("name", 120);
      if (name === "") cells.fault("name", "Give these pots a name.");
      const pot = readPot(cells);
      if (pot === null && cells.problems.length === 0)
        cells.fault(
          "size",
          "Nothing is said about the size: give its measures, a trade size or about how many litres.",
          { fatal: true },
        );
      else if (pot === null) cells.fault("size", "Without a size it is no pot in store.", { fatal: true });
      const toBuy = cells.oneOf("toBuy", ["yes", "no"] as const, "Whether more can be bought") === "yes";
      const value: PotLine = {
        line: row.line,
        name,
        count: cells.count("count", toBuy ? 0 : 1),
        pot: pot ?? { known: "about", litres: 1, wall: USUAL_WALL },
        price: cells.price("price"),
        condition: cells.oneOf("condition", POT_CONDITIONS, "The condition") ?? "sound",
        place: cells.text("place", 120) || null,
        toBuy,
        since: cells.date("since"),
      };
      return { cells, value };
    }),
  );
}

export function readPottingLines(
  table: Table,
  mapping: Mapping,
  options: ImportOptions,
  setting: ImportSetting,
): LinesRead<PottingLine> {
  return gather(
    cellsOf("pottings", table, mapping, options, setting).map(({ row, cells }) => {
      const tag = cells.text("tag", 40);
      if (tag === "") cells.fault("tag", "Which tree? Its tag is missing.");
      const when = cells.date("when");
      if (when === null && !cells.problems.some((p) => p.line === row.line && p.fatal))
        cells.fault(
          "when",
          "When was it potted? A year is enough; what nobody knows at all cannot be put into a history.",
        );
      const value: PottingLine = {
        line: row.line,
        tag,
        when: when ?? { best: setting.today, from: setting.today, to: setting.today },
        potName: cells.text("pot", 120) || null,
        pot: readPot(cells),
        mix: cells.oneOf("mix", READY_MIX_NAMES, "The mix"),
        correction: cells.oneOf("correction", POTTED_CORRECTIONS, "What was done to the roots") ?? "loosen",
        note: cells.text("note", 2000),
      };
      return { cells, value };
    }),
  );
}
