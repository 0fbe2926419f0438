import { isoDay } from "@/core/units/dates";
import { pastColumns, type PastColumn, type PastForm } from "@/logbook/past/pastForm";
import type { PlantBook } from "@/logbook/plant/plantBook";
import type { ProbeTable } from "@/messages/probeTable";
import type { Still } from "@/records/still";

/** Which column of the table holds what; and how its days are written where that could be read two ways. */
export interface PastMatch {
  columns: Partial<Record<PastColumn, string>>;
  dayFirst: boolean;
}

const hints: Record<PastColumn, RegExp> = {
  day: /^(day|date|lit|when)\b|date/i,
  plantId: /^(plant|herb|material|species)\b|^name$/i,
  state: /^(state|fresh|condition)/i,
  stillId: /^(still|alembic|pot)\b/i,
  mass: /charge|plant.?weight|weight|mass|^kg$|^g$|amount/i,
  water: /water/i,
  heatOn: /heat.?on|^start|^lit$/i,
  firstDrop: /first.?drop|to_first_drop/i,
  heatOff: /heat.?off|^end|^stop|from_first_drop|duration|minutes/i,
  jars: /^jars?$/i,
  oil: /\boil|oil_/i,
  hydrosol: /hydrosol|hydrolat|flower ?water/i,
  look: /look|colou?r/i,
  smell: /smell|scent|nose|odou?r/i,
  note: /note|remark|comment/i,
};

/** A first guess at the columns by their names; the person has the last word. */
export function guessPastColumns({ header, rows }: ProbeTable): PastMatch {
  const taken = new Set<string>();
  const columns: PastMatch["columns"] = {};
  for (const column of pastColumns) {
    const found = header.find((name) => hints[column].test(name) && !taken.has(name));
    if (found === undefined) continue;
    taken.add(found);
    columns[column] = found;
  }
  const dayAt = header.indexOf(columns.day ?? "");
  /* A month above twelve settles the order; else the day stands first, as most of the world has it. */
  const monthFirst = rows.some((row) =>
    /^\s*\d{1,2}[/.-](1[3-9]|2\d|3[01])[/.-]/.test(row[dayAt] ?? ""),
  );
  return { columns, dayFirst: !monthFirst };
}

/** A row as the form of a past run has it: texts that are read, and refused, just as if they had been typed. */
export function pastFormOf(
  { header }: ProbeTable,
  row: readonly string[],
  { columns, dayFirst }: PastMatch,
  { blank, book, stills }: { blank: PastForm; book: PlantBook; stills: readonly Still[] },
): PastForm {
  const text = (column: PastColumn) => {
    const name = columns[column];
    return name === undefined ? "" : (row[header.indexOf(name)] ?? "").trim();
  };
  const withUnit = (column: PastColumn, unit: string) => unitIn(columns[column] ?? "") ?? unit;
  return {
    ...blank,
    day: dayOf(text("day"), dayFirst),
    plantId: plantOf(text("plantId"), book) ?? "",
    state: text("state").toLowerCase(),
    stillId: stills.find(({ name }) => alike(name, text("stillId")))?.id ?? "",
    mass: text("mass"),
    massUnit: withUnit("mass", blank.massUnit),
    water: text("water"),
    waterUnit: withUnit("water", blank.waterUnit),
    heatOn: timeIn(text("heatOn") || (/T\d/.test(text("day")) ? text("day") : "")),
    firstDrop: text("firstDrop"),
    heatOff: text("heatOff"),
    jars: text("jars"),
    oil: text("oil"),
    oilUnit: withUnit("oil", blank.oilUnit),
    hydrosol: text("hydrosol"),
    hydrosolUnit: withUnit("hydrosol", blank.hydrosolUnit),
    look: text("look").slice(0, 200),
    smell: text("smell").slice(0, 200),
    note: text("note").slice(0, 5000),
  };
}

const alike = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** The plant that a name means: any of its names, whole or as far as only one begins so. */
function plantOf(name: string, { all }: PlantBook): string | undefined {
  if (!name) return undefined;
  const exact = all.find(
    (plant) =>
      alike(plant.name, name) ||
      alike(plant.botanicalName, name) ||
      alike(`${plant.name}, ${plant.part}`, name),
  );
  if (exact) return exact.id;
  const wanted = name.toLowerCase();
  const begin = all.filter(({ name: its, botanicalName }) =>
    [its, botanicalName].some((each) =>
      each
        .toLowerCase()
        .split(/[\s,]+/)
        .some((_, i, words) => words.slice(i).join(" ").startsWith(wanted)),
    ),
  );
  return begin.length === 1 ? begin[0]!.id : undefined;
}

const inHeader = /[\s_([](g|kg|oz|lb|ml|l|fl ?oz|gal)\)?\]?$/i;
const unitNames: Record<string, string> = {
  g: "g",
  kg: "kg",
  oz: "oz",
  lb: "lb",
  ml: "mL",
  l: "L",
  floz: "floz",
  gal: "gal",
};

/** The unit that a column's name ends with: "charge_g", "Water (L)". */
function unitIn(name: string): string | undefined {
  const found = inHeader.exec(name.trim());
  return found ? unitNames[found[1]!.toLowerCase().replace(" ", "")] : undefined;
}

/* A whole moment tells the day to the day's column and the clock to this one. */
function timeIn(text: string): string {
  const moment = /T(\d{2}:\d{2})/.test(text) ? new Date(text) : undefined;
  if (!moment || Number.isNaN(moment.getTime())) return text;
  return `${moment.getHours()}:${String(moment.getMinutes()).padStart(2, "0")}`;
}

/** A day as `YYYY-MM-DD`; as it stands where it is none. */
function dayOf(text: string, dayFirst: boolean): string {
  if (/T\d{2}:\d{2}/.test(text)) {
    const moment = new Date(text);
    return Number.isNaN(moment.getTime()) ? text : isoDay(moment);
  }
  const iso = /^(\d{4})[-/.](\d{1,2})[-/.](\d{1,2})$/.exec(text);
  if (iso) return asIso(iso[1]!, iso[2]!, iso[3]!);
  const other = /^(\d{1,2})[-/.\s](\d{1,2})[-/.\s](\d{2}|\d{4})$/.exec(text);
  if (other) {
    const [, a, b, year] = other as unknown as [string, string, string, string];
    return asIso(year.length === 2 ? `20${year}` : year, dayFirst ? b : a, dayFirst ? a : b);
  }
  const named = new Date(`${text} 12:00`);
  return text && !Number.isNaN(named.getTime()) && /[a-z]{3}/i.test(text) ? isoDay(named) : text;
}

function asIso(year: string, month: string, day: string): string {
  const iso = `${year}-${month.padStart(2, "0")}-${day.padStart(2, "0")}`;
  const parsed = new Date(`${iso}T12:00:00`);
  return isoDay(parsed) === iso ? iso : "";
}
