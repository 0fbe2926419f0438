import type { PlantState } from "../plant/plant";
import type { Method } from "../still/methods";

/** One school of practice on a question. */
export interface School {
  name: string;
  /** What it claims. */
  claim: string;
  /** What it changes in the numbers; absent where the model has no say and it is only written down. */
  effect?: string;
}

/** A question on which practitioners differ and whose answers follow from plant and still. */
interface OpenQuestion<Answer extends string> {
  question: string;
  schools: Readonly<Record<Answer, School>>;
  /** What is taken where the person does not choose, and why. */
  defaultIs: string;
  reason: string;
}

/** Which way of distilling. */
export const methodQuestion: OpenQuestion<Method> = {
  question: "Steam, or plant in the water?",
  schools: {
    steam: {
      name: "Over steam",
      claim: "Gentle on flowers and on herbs like mint. Nothing scorches, and esters stay whole.",
      effect: "The steam heats the plant before the first drop. The water only has to last.",
    },
    hydro: {
      name: "Plant in the water",
      claim: "Reaches the oil in grasses, seeds, roots, petals and zest, where steam passes by.",
      effect: "The first drop comes at the boil. The plant takes room and soaks up water.",
    },
    cohobation: {
      name: "With return",
      claim: "For plants with little oil. Water that is full of oil dissolves no more.",
      effect: "Only the water in the pot dissolves oil. No hydrosol is kept.",
    },
    bowl: {
      name: "Bowl and lid",
      claim: "Needs no condenser: a pot, a bowl and ice. For a first small try of a plant.",
    },
  },
  defaultIs: "The plant's own preference",
  reason: "The tissue decides what steam can reach.",
};

/** How the plant comes to the still. */
export const freshnessQuestion: OpenQuestion<PlantState> = {
  question: "Fresh, wilted or dried?",
  schools: {
    fresh: {
      name: "Fresh",
      claim: "Nothing is lost to the air. It smells like the garden.",
      effect: "Less oil for its weight, since much of it is water.",
    },
    wilted: {
      name: "Wilted overnight",
      claim: "Loses water, not oil. More fits in, and the hydrosol smells less of grass.",
      effect: "The same cut weighs less and holds more oil for its weight.",
    },
    dried: {
      name: "Dried",
      claim: "Keeps until there is time. Right for seeds and roots.",
      effect: "Most oil for its weight, less with every month in storage.",
    },
  },
  defaultIs: "The plant's first state",
  reason: "Published contents differ by plant more than by school.",
};

/** What of the plant goes in; its answers are the plant's own preparations. */
export const preparationQuestion: OpenQuestion<string> = {
  question: "Leaves only, or stems too?",
  schools: {},
  defaultIs: "Some stem kept",
  reason: "Steam that finds one channel through a matted charge costs more oil than stems do.",
};
