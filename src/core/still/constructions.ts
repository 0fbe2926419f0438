import { keysOf } from "../keysOf";
import type { Method } from "./methods";

/** What is true of one kind of still, for all that has to do with it. */
interface ConstructionRow {
  /** The body is a round flask; else an upright pot. */
  round: boolean;
  /** The part that holds the plant, or catches the drops; none where the plant swims in the body itself. */
  holder: "basket" | "vessel" | "bowl" | "none";
  /** The holder stands in the pot, so high above its floor. */
  inside: boolean;
  /** Which ways of distilling it can do, the usual one first. */
  methods: readonly Method[];
  /** It catches the distillate itself, under ice on its lid: no head, no condenser, no receiver. */
  catchesItself: boolean;
  /** Its head can be of several kinds. */
  choiceOfHeads: boolean;
  /** Its lid locks and was made to hold pressure: nothing may shut it while it distils. */
  canShut: boolean;
  /** A trap under its condenser keeps the oil and lets the water run back. */
  trap: boolean;
}

/**
 * How a still holds its plant and its water: a pot with the plant in a basket above the water; a
 * round flask in which plant and water mix; a boiler whose steam is led through a plant vessel of
 * its own; a flask whose receiver lets the hydrosol flow back; a covered pot with a bowl inside and
 * ice on the inverted lid. One row each.
 */
export const constructions = {
  basketPot: {
    round: false,
    holder: "basket",
    inside: true,
    methods: ["steam", "hydro"],
    catchesItself: false,
    choiceOfHeads: true,
    canShut: false,
    trap: false,
  },
  flask: {
    round: true,
    holder: "none",
    inside: false,
    methods: ["hydro"],
    catchesItself: false,
    choiceOfHeads: false,
    canShut: false,
    trap: false,
  },
  separateVessel: {
    round: false,
    holder: "vessel",
    inside: false,
    methods: ["steam"],
    catchesItself: false,
    choiceOfHeads: true,
    canShut: false,
    trap: false,
  },
  cohobating: {
    round: true,
    holder: "none",
    inside: false,
    methods: ["cohobation", "hydro"],
    catchesItself: false,
    choiceOfHeads: false,
    canShut: false,
    trap: true,
  },
  returningPot: {
    round: false,
    holder: "none",
    inside: false,
    methods: ["cohobation", "hydro"],
    catchesItself: false,
    choiceOfHeads: false,
    canShut: false,
    trap: true,
  },
  pressurePot: {
    round: false,
    holder: "basket",
    inside: true,
    methods: ["steam", "hydro"],
    catchesItself: false,
    choiceOfHeads: false,
    canShut: true,
    trap: false,
  },
  bowl: {
    round: false,
    holder: "bowl",
    inside: true,
    methods: ["bowl"],
    catchesItself: true,
    choiceOfHeads: false,
    canShut: false,
    trap: false,
  },
} as const satisfies Record<string, ConstructionRow>;

export type Construction = keyof typeof constructions;
export const constructionKinds = keysOf(constructions);

/** What is true of a kind of still. */
export function constructionOf(kind: Construction): ConstructionRow {
  return constructions[kind];
}
