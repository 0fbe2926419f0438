import type { Product } from "./products";

/** What a check comes to, from the best to the worst. */
export const verdicts = [
  "keep",
  "useSoon",
  "measureAgain",
  "warmFirst",
  "chillOrFilter",
  "drawOffWater",
  "notOnSkin",
  "throwAway",
] as const;
export type Verdict = (typeof verdicts)[number];

/** What was seen, smelt and read at a check; what was not looked at is left out. */
export interface Noticed {
  smell?: "asItWas" | "weaker" | "sharp" | "sour" | "musty" | undefined;
  colour?: "asItWas" | "darker" | "other" | undefined;
  clarity?: "clear" | "hazy" | "cloudy" | undefined;
  signs?: readonly ("film" | "threads" | "thicker" | "stickyRim" | "waterBelow")[] | undefined;
  ph?: number | undefined;
  /** Counted on a plate, colonies that a millilitre grew. */
  coloniesPerMl?: number | undefined;
}

/** Why: each a thing that was seen. */
export type Sign =
  | "phMoved"
  | "phMovedFar"
  | "manyColonies"
  | "someColonies"
  | "newCloud"
  | "threads"
  | "sour"
  | "musty"
  | "varnish"
  | "thicker"
  | "stickyRim"
  | "water"
  | "haze"
  | "film"
  | "darker"
  | "otherColour"
  | "weaker";

/** A pH that has moved by as much on paper is measured again: two strips differ by that. */
const phStep = 0.5;
/** A hydrosol whose pH has moved by as much has something living in it. */
export const phFar = 1;
/* Usual most of a water for skin a thousand in a millilitre, a hundred near eyes and for children: usual limits, check yours. */
const coloniesMost = 1000;
const coloniesSome = 100;

interface Rule {
  sign: Sign;
  verdict: Verdict;
  is: (seen: Noticed, first: Noticed) => boolean;
}

/* How far the pH lies from the first, to the hundredth; 0 where one is not known. */
function phMovedBy({ ph }: Noticed, first: Noticed): number {
  if (ph === undefined || first.ph === undefined) return 0;
  return Math.round(Math.abs(ph - first.ph) * 100) / 100;
}

const has = (sign: NonNullable<Noticed["signs"]>[number]) => (seen: Noticed) =>
  seen.signs?.includes(sign) ?? false;

/* Signs of water products that live, and of oils that take up oxygen: usual teaching of growers' bodies. */
const waterRules: readonly Rule[] = [
  { sign: "phMovedFar", verdict: "throwAway", is: (...both) => phMovedBy(...both) >= phFar },
  {
    sign: "phMoved",
    verdict: "measureAgain",
    is: (...both) => phMovedBy(...both) >= phStep && phMovedBy(...both) < phFar,
  },
  {
    sign: "manyColonies",
    verdict: "throwAway",
    is: ({ coloniesPerMl = 0 }) => coloniesPerMl >= coloniesMost,
  },
  {
    sign: "someColonies",
    verdict: "useSoon",
    is: ({ coloniesPerMl = 0 }) => coloniesPerMl >= coloniesSome && coloniesPerMl < coloniesMost,
  },
  {
    sign: "newCloud",
    verdict: "throwAway",
    is: ({ clarity }, first) => clarity === "cloudy" && first.clarity !== "cloudy",
  },
  { sign: "threads", verdict: "throwAway", is: has("threads") },
  { sign: "sour", verdict: "throwAway", is: ({ smell }) => smell === "sour" },
  { sign: "musty", verdict: "throwAway", is: ({ smell }) => smell === "musty" },
  { sign: "varnish", verdict: "throwAway", is: ({ smell }) => smell === "sharp" },
  { sign: "film", verdict: "throwAway", is: has("film") },
  { sign: "thicker", verdict: "throwAway", is: has("thicker") },
  {
    sign: "haze",
    verdict: "warmFirst",
    is: ({ clarity }, first) =>
      clarity === "hazy" && first.clarity !== "hazy" && first.clarity !== "cloudy",
  },
  { sign: "otherColour", verdict: "useSoon", is: ({ colour }) => colour === "other" },
  { sign: "darker", verdict: "useSoon", is: ({ colour }) => colour === "darker" },
  { sign: "weaker", verdict: "useSoon", is: ({ smell }) => smell === "weaker" },
];

const oilRules: readonly Rule[] = [
  { sign: "varnish", verdict: "notOnSkin", is: ({ smell }) => smell === "sharp" },
  { sign: "sour", verdict: "notOnSkin", is: ({ smell }) => smell === "sour" },
  { sign: "musty", verdict: "notOnSkin", is: ({ smell }) => smell === "musty" },
  { sign: "thicker", verdict: "notOnSkin", is: has("thicker") },
  { sign: "stickyRim", verdict: "notOnSkin", is: has("stickyRim") },
  {
    sign: "water",
    verdict: "drawOffWater",
    is: (seen) => has("waterBelow")(seen) || seen.clarity === "cloudy" || seen.clarity === "hazy",
  },
  { sign: "threads", verdict: "chillOrFilter", is: has("threads") },
  { sign: "film", verdict: "drawOffWater", is: has("film") },
  { sign: "otherColour", verdict: "useSoon", is: ({ colour }) => colour === "other" },
  { sign: "darker", verdict: "useSoon", is: ({ colour }) => colour === "darker" },
  { sign: "weaker", verdict: "useSoon", is: ({ smell }) => smell === "weaker" },
];

/**
 * What a check comes to, held against the lot's own first reading, and every sign that speaks for it.
 * An oil that is like varnish and thick or sticky besides is gone; each alone keeps it off the skin.
 */
export function verdictOf(
  product: Product,
  seen: Noticed,
  first: Noticed = {},
): { verdict: Verdict; signs: Sign[] } {
  const met = (product === "oil" ? oilRules : waterRules).filter(({ is }) => is(seen, first));
  const worst = met.reduce((at, { verdict }) => Math.max(at, verdicts.indexOf(verdict)), 0);
  const oxidised = met.filter(({ verdict }) => verdict === "notOnSkin").length;
  return {
    verdict: product === "oil" && oxidised > 1 ? "throwAway" : verdicts[worst]!,
    signs: met.map(({ sign }) => sign),
  };
}
