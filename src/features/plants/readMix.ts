import type { PartOfMix } from "@/core/plant/mixPlants";
import { plantStates, type PlantState } from "@/core/plant/plant";
import { type NumberInput, readNumber } from "@/core/units/numberInput";
import type { PlantBook } from "@/logbook/plant/plantBook";
import { limits } from "@/messages/limits";

/** One plant of a mixed charge as it is typed; the first state it is known in where none is chosen. */
export interface PartTyped {
  plantId: string;
  state: PlantState | "";
  mass: NumberInput;
}

interface PartProblems {
  plant?: string;
  mass?: string;
}

/** A mixed charge as read: each plant with its mass as its share, g; or what is wrong, part by part. */
export function readMix(
  typed: readonly PartTyped[],
  book: PlantBook,
): { ok: true; parts: PartOfMix[] } | { ok: false; problems: PartProblems[] } {
  const read = typed.map((part, at) => {
    const plant = book.byId(part.plantId);
    const mass = readNumber(part.mass, { name: "The weight", ...limits.positive });
    const states = plantStates.filter((state) => plant?.states[state]);
    const state = states.find((each) => each === part.state) ?? states[0];
    const before = typed.findIndex(({ plantId }) => plantId === part.plantId);
    const problems: PartProblems = {
      ...(plant && state
        ? before < at
          ? { plant: "This plant is here twice. Put both weights on one line." }
          : {}
        : { plant: "Choose the plant." }),
      ...(mass.ok ? {} : { mass: mass.problem }),
    };
    return { plant, state, massG: mass.ok ? mass.value : undefined, problems };
  });
  const parts = read.flatMap(({ plant, state, massG, problems }) =>
    plant && state && massG !== undefined && !problems.plant
      ? [{ plant, state, share: massG }]
      : [],
  );
  return parts.length === typed.length && parts.length > 1
    ? { ok: true, parts }
    : { ok: false, problems: read.map(({ problems }) => problems) };
}
