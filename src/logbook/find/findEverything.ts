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

interface Logbook {
  book: PlantBook;
  summaries: readonly RunSummary[];
  lots: readonly Lot[];
  bottles: readonly Bottle[];
  harvests: readonly Harvest[];
  stills: readonly Still[];
}

const mostOfKind = 12;

/**
 * Everything in which each word of a query begins a word: codes without their hyphens too, numbers as whole ones.
 * The latest first within each kind, a dozen of each at most.
 */
export function findEverything(query: string, logbook: Logbook): FoundThing[] {
  const wanted = query.toLowerCase().split(/\s+/).filter(Boolean);
  if (wanted.length === 0) return [];
  const { book, summaries, lots, bottles, harvests, stills } = logbook;
  const nameOf = (plantId: string) => {
    const plant = book.byId(plantId);
    return plant ? [plant.name, plant.botanicalName] : [plantId];
  };
  const fits = (parts: readonly (string | undefined)[]) => allBegin(wanted, parts);
  const runs = [...summaries]
    .sort((a, b) => b.at - a.at)
    .flatMap(({ run, state, at }): FoundThing[] => {
      const notes = state.entries.flatMap((entry) => [
        entry.note,
        ...(entry.type === "separated" ? [entry.look, entry.smell] : []),
        ...(entry.type === "trouble" ? [entry.what] : []),
      ]);
      const parts = [t`run ${run.number}`, ...nameOf(run.plantId), run.stillName, ...days(at)];
      if (!fits([...parts, ...notes])) return [];
      const note = fits(parts) ? undefined : notes.find((text) => allBegin([wanted[0]!], [text]));
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
  const lotOf = new Map(lots.map((lot) => [lot.id, lot]));
  const foundLots = lots
    .filter((lot) =>
      fits([
        lot.code,
        bare(lot.code),
        lot.name,
        lot.product,
        ...nameOf(lot.plantId),
        ...days(noonOf(lot.madeOn).getTime()),
      ]),
    )
    .sort((a, b) => b.madeOn.localeCompare(a.madeOn))
    .map((lot): FoundThing => ({
      kind: "lot",
      id: lot.id,
      plantId: lot.plantId,
      code: lot.code,
      name: lot.name,
      on: lot.madeOn,
      product: lot.product,
    }));
  const foundBottles = bottles.flatMap((bottle): FoundThing[] => {
    const lot = lotOf.get(bottle.lotId);
    /* By what is the bottle's own: its plant finds its lot. */
    if (!lot || !fits([bottle.code, bare(bottle.code), bottle.place, bottle.note])) return [];
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
  const foundHarvests = harvests
    .filter((harvest) =>
      fits([
        "harvest",
        ...nameOf(harvest.plantId),
        harvest.place,
        harvest.note,
        ...days(noonOf(harvest.cutOn).getTime()),
      ]),
    )
    .sort((a, b) => b.cutOn.localeCompare(a.cutOn))
    .map((harvest): FoundThing => ({
      kind: "harvest",
      id: harvest.id,
      plantId: harvest.plantId,
      on: harvest.cutOn,
      place: harvest.place,
    }));
  const foundPlants = book.all
    .filter(({ name, botanicalName, part }) => fits([name, botanicalName, part]))
    .map(({ id }): FoundThing => ({ kind: "plant", id, plantId: id }));
  const foundStills = stills
    .filter(({ name }) => fits([name]))
    .map(({ id, name }): FoundThing => ({ kind: "still", id, name }));
  return [runs, foundLots, foundBottles, foundHarvests, foundPlants, foundStills].flatMap((found) =>
    found.slice(0, mostOfKind),
  );
}

const days = (at: number) => [showDay(at), isoDay(at)];
const bare = (code: string) => code.replaceAll("-", "");

function allBegin(wanted: readonly string[], parts: readonly (string | undefined)[]): boolean {
  const words = parts
    .filter((part) => part !== undefined)
    .flatMap((part) => [part.toLowerCase(), ...part.toLowerCase().split(/[^\p{L}\p{N}-]+/u)]);
  return wanted.every((word) =>
    words.some((text) => (/^\d{1,3}$/.test(word) ? text === word : text.startsWith(word))),
  );
}
