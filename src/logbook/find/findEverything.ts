import { isoDay, noonOf, showDay } from "@/core/units/dates";
import { t } from "@/language/t";
import type { Bottle } from "@/records/bottle";
import type { Harvest } from "@/records/harvest";
import type { Lot } from "@/records/lot";
import type { Still } from "@/records/still";
import type { PlantBook } from "../plant/plantBook";
import type { RunSummary } from "../run/runSummary";

/** Where something was found. */
export const foundKinds = ["run", "lot", "bottle", "harvest", "plant", "still"] as const;
export type FoundKind = (typeof foundKinds)[number];

/** One thing that a search found: what it is, by its id and what tells it apart. */
export interface FoundThing {
  kind: FoundKind;
  id: string;
  /** The lot to open, where a bottle was found. */
  lotId?: string;
  plantId?: string;
  number?: number;
  code?: string;
  name?: string;
  /** A day as `YYYY-MM-DD`, and more that is as it was typed. */
  on?: string;
  place?: string;
  /** The words around what was found in a note. */
  note?: string;
  product?: Lot["product"];
}

/** Where a search looks. */
export interface Searched {
  book: PlantBook;
  summaries: readonly RunSummary[];
  lots: readonly Lot[];
  bottles: readonly Bottle[];
  harvests: readonly Harvest[];
  stills: readonly Still[];
  /** What products are called on the screen. */
  productNames: Readonly<Record<Lot["product"], string>>;
}

type Words = readonly (string | undefined)[];

const mostOfKind = 12;

/**
 * Everything in which each word of a query begins a word: codes without their hyphens too, numbers as whole ones.
 * The latest first within each kind, a dozen of each at most.
 */
export function findEverything(query: string, searched: Searched): FoundThing[] {
  const wanted = query.toLowerCase().split(/\s+/).filter(Boolean);
  if (wanted.length === 0) return [];
  return [findRuns, findLots, findBottles, findHarvests, findPlants, findStills].flatMap((find) =>
    find(wanted, searched).slice(0, mostOfKind),
  );
}

function findRuns(wanted: readonly string[], { book, summaries }: Searched): FoundThing[] {
  return [...summaries]
    .sort((a, b) => b.at - a.at)
    .flatMap(({ run, state, at }): FoundThing[] => {
      const notes = state.entries.flatMap((entry) => [
        entry.note,
        ...(entry.type === "separated" ? [entry.look, entry.smell] : []),
        ...(entry.type === "trouble" ? [entry.what] : []),
      ]);
      const parts = [
        t`run ${run.number}`,
        ...namesOf(run.plantId, book),
        run.stillName,
        ...days(at),
      ];
      /* What only a note has is shown with its words. */
      const unknown = wanted.filter((word) => !allBegin([word], parts));
      if (!allBegin(unknown, notes)) return [];
      const note = notes.find((text) => unknown.some((word) => allBegin([word], [text])));
      return [
        {
          kind: "run",
          id: run.id,
          plantId: run.plantId,
          number: run.number,
          on: isoDay(at),
          ...(note ? { note } : {}),
        },
      ];
    });
}

function findLots(wanted: readonly string[], { book, lots, productNames }: Searched): FoundThing[] {
  return lots
    .filter((lot) =>
      allBegin(wanted, [
        lot.code,
        bare(lot.code),
        lot.name,
        productNames[lot.product],
        ...namesOf(lot.plantId, book),
        ...days(noonOf(lot.madeOn).getTime()),
      ]),
    )
    .sort((a, b) => b.madeOn.localeCompare(a.madeOn))
    .map((lot) => ({
      kind: "lot",
      id: lot.id,
      plantId: lot.plantId,
      code: lot.code,
      name: lot.name,
      on: lot.madeOn,
      product: lot.product,
    }));
}

/* By what is the bottle's own: its plant finds its lot. */
function findBottles(wanted: readonly string[], { lots, bottles }: Searched): FoundThing[] {
  const lotOf = new Map(lots.map((lot) => [lot.id, lot]));
  return bottles.flatMap((bottle): FoundThing[] => {
    const lot = lotOf.get(bottle.lotId);
    const own = [bottle.code, bare(bottle.code), bottle.place, bottle.note];
    if (!lot || !allBegin(wanted, own)) return [];
    return [
      {
        kind: "bottle",
        id: bottle.id,
        lotId: lot.id,
        plantId: lot.plantId,
        code: bottle.code,
        place: bottle.place,
        product: lot.product,
      },
    ];
  });
}

function findHarvests(wanted: readonly string[], { book, harvests }: Searched): FoundThing[] {
  return harvests
    .filter((harvest) =>
      allBegin(wanted, [
        t`harvest`,
        ...namesOf(harvest.plantId, book),
        harvest.place,
        harvest.note,
        ...days(noonOf(harvest.cutOn).getTime()),
      ]),
    )
    .sort((a, b) => b.cutOn.localeCompare(a.cutOn))
    .map((harvest) => ({
      kind: "harvest",
      id: harvest.id,
      plantId: harvest.plantId,
      on: harvest.cutOn,
      place: harvest.place,
    }));
}

function findPlants(wanted: readonly string[], { book }: Searched): FoundThing[] {
  return book.all
    .filter(({ name, botanicalName, part }) => allBegin(wanted, [name, botanicalName, part]))
    .map(({ id }) => ({ kind: "plant", id, plantId: id }));
}

function findStills(wanted: readonly string[], { stills }: Searched): FoundThing[] {
  return stills
    .filter(({ name }) => allBegin(wanted, [name]))
    .map(({ id, name }) => ({ kind: "still", id, name }));
}

function namesOf(plantId: string, book: PlantBook): string[] {
  const plant = book.byId(plantId);
  return plant ? [plant.name, plant.botanicalName] : [plantId];
}

const days = (at: number) => [showDay(at), isoDay(at)];
const bare = (code: string) => code.replaceAll("-", "");

/* Whether each word begins one of the words told, or a whole text. */
function allBegin(wanted: readonly string[], told: Words): boolean {
  const words = told
    .filter((part) => part !== undefined)
    .flatMap((part) => [part.toLowerCase(), ...part.toLowerCase().split(/[^\p{L}\p{N}-]+/u)]);
  return wanted.every((word) =>
    words.some((text) => (/^\d{1,3}$/.test(word) ? text === word : text.startsWith(word))),
  );
}
