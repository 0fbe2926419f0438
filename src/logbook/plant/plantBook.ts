import { careByContent, careOfAll } from "@/core/plant/careByContent";
import { plantById, plants } from "@/core/plant/catalogue";
import type { Plant, PlantState } from "@/core/plant/plant";
import { type PlantProse, proseFields } from "@/core/plant/plantProse";
import type { Material } from "@/records/material";

/** A plant as this person knows it. */
export interface KnownPlant extends Plant {
  /** Whether it is the catalogue's or the person's own. */
  origin: "catalogue" | "own";
  /** The catalogue's plant whose figures stand where the person has none: itself for one of the catalogue. */
  like: string;
  /** Its figures that are the person's, by the name of the field. */
  ownFigures: readonly string[];
  /** What the person tells of it themselves. */
  ownProse: Partial<PlantProse>;
  /** The record that holds them. */
  materialId?: string;
  /** What a mixed charge is made of. */
  mixOf?: Material["mixOf"];
}

/** The catalogue together with a person's own plants and figures. */
export interface PlantBook {
  /** By name. */
  all: readonly KnownPlant[];
  byId(id: string): KnownPlant | undefined;
}

/** Opens the book over a person's own materials. */
export function plantBook(materials: readonly Material[]): PlantBook {
  const known = new Map<string, KnownPlant>(
    plants.map((plant) => [
      plant.id,
      { ...plant, origin: "catalogue", like: plant.id, ownFigures: [], ownProse: {} },
    ]),
  );
  const oldestFirst = [...materials].sort((a, b) => a.updatedAt.localeCompare(b.updatedAt));
  const waiting = new Map(oldestFirst.map((material) => [material.plantId, material]));
  /* A mixture follows what it is mixed of, which may be a mixture too; one that names itself finds itself not there. */
  const enter = (material: Material): void => {
    waiting.delete(material.plantId);
    for (const { plantId } of material.mixOf ?? []) {
      const part = waiting.get(plantId);
      if (part) enter(part);
    }
    const like = plantById(material.like);
    const parts =
      material.mixOf?.flatMap(({ plantId, like: stoodOn }) => {
        const part = known.get(plantId) ?? plantById(stoodOn ?? "");
        return part ? [part] : [];
      }) ?? [];
    if (like) known.set(material.plantId, withOwn(like, material, parts));
  };
  for (const material of waiting.values()) enter(material);
  const all = [...known.values()].sort((a, b) => a.name.localeCompare(b.name));
  return { all, byId: (id) => known.get(id) };
}

/** The catalogue alone. */
export const catalogueBook: PlantBook = plantBook([]);

function withOwn(
  like: Plant,
  { id, plantId, own, mixOf }: Material,
  parts: readonly Plant[],
): KnownPlant {
  const { states, setsBelowC = like.setsBelowC, ...rest } = own;
  return {
    ...like,
    ...rest,
    /* Somebody's own oil is warned of by what they say is in it, and by what the like one is. */
    ...careByContent(careOfAll([like, ...parts]), own.composition ?? like.composition),
    ownProse: Object.fromEntries(
      proseFields.flatMap((name) => (own[name] === undefined ? [] : [[name, own[name]]])),
    ),
    setsBelowC: setsBelowC ?? undefined,
    states: statesOf(like, states),
    id: plantId,
    like: like.id,
    origin: plantById(plantId) ? "catalogue" : "own",
    materialId: id,
    ...(mixOf ? { mixOf } : {}),
    ownFigures: [
      ...Object.keys(own).filter((name) => name !== "states"),
      ...Object.entries(states ?? {}).flatMap(([state, figures]) =>
        changedIn(like.states[state as PlantState], figures).map((name) => `${state}.${name}`),
      ),
    ],
  };
}

/** The states that stand: the like plant's, changed or taken away; never none at all. */
function statesOf(like: Plant, own: Material["own"]["states"]): Plant["states"] {
  const told = Object.entries({ ...like.states, ...own }).filter(([, figures]) => figures !== null);
  return told.length > 0 ? (Object.fromEntries(told) as Plant["states"]) : like.states;
}

function changedIn(before: object | undefined, after: object | null): string[] {
  if (after === null) return ["none"];
  const known = before as Record<string, unknown> | undefined;
  return Object.entries(after)
    .filter(([name, value]) => JSON.stringify(known?.[name]) !== JSON.stringify(value))
    .map(([name]) => name);
}
