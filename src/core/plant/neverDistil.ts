/** Why a plant is not distilled at home. */
export type WhyNever =
  | "heart"
  | "nerves"
  | "womb"
  | "cyanide"
  | "tumours"
  | "burnsInside"
  | "deadly";

interface Never {
  /** Common names and the botanical one's beginning, all in small letters. */
  names: readonly string[];
  why: WhyNever;
}

/*
 * Plants whose oil, water, dust or sap has killed or maimed, by toxicology handbooks and poison registers. Close kin goes by the
 * same botanical name: all of yew, of monkshood, of oleander.
 */
const list: readonly Never[] = [
  { names: ["rue", "ruta"], why: "womb" },
  { names: ["tansy", "tanacetum vulgare"], why: "nerves" },
  { names: ["savin", "juniperus sabina"], why: "womb" },
  { names: ["sassafras"], why: "tumours" },
  { names: ["sweet birch", "betula lenta"], why: "burnsInside" },
  { names: ["calamus", "sweet flag", "acorus"], why: "tumours" },
  { names: ["wormseed", "dysphania ambrosioides", "chenopodium ambrosioides"], why: "deadly" },
  { names: ["boldo", "peumus"], why: "nerves" },
  { names: ["bitter almond", "prunus amygdalus"], why: "cyanide" },
  { names: ["cherry laurel", "prunus laurocerasus"], why: "cyanide" },
  { names: ["mustard", "brassica nigra", "brassica juncea", "sinapis"], why: "burnsInside" },
  { names: ["horseradish", "armoracia"], why: "burnsInside" },
  { names: ["oleander", "nerium", "thevetia"], why: "heart" },
  { names: ["yew", "taxus"], why: "heart" },
  { names: ["hemlock", "conium", "cicuta"], why: "deadly" },
  { names: ["monkshood", "wolfsbane", "aconitum"], why: "heart" },
  { names: ["foxglove", "digitalis"], why: "heart" },
  { names: ["lily of the valley", "convallaria"], why: "heart" },
  { names: ["nightshade", "belladonna", "atropa"], why: "nerves" },
  { names: ["henbane", "hyoscyamus", "datura", "thornapple", "brugmansia"], why: "nerves" },
  { names: ["laburnum"], why: "nerves" },
  { names: ["spurge laurel", "daphne"], why: "burnsInside" },
  { names: ["autumn crocus", "colchicum"], why: "deadly" },
  { names: ["castor bean", "ricinus"], why: "deadly" },
];

/* Named alike, and another plant. */
const others = [
  "hemlock spruce",
  "tsuga",
  "yew pine",
  "garlic mustard",
  "goat's rue",
  "meadow rue",
];

/** Why a plant of this name is not distilled at home; undefined of one that is not on the list. */
export function whyNever(name: string, botanicalName = ""): WhyNever | undefined {
  const told = [name, botanicalName].map((text) => text.toLowerCase().trim());
  if (told.some((text) => others.some((other) => text.includes(other)))) return undefined;
  return list.find(({ names }) =>
    told.some((text) => names.some((each) => asWords(text).includes(` ${each} `))),
  )?.why;
}

function asWords(text: string): string {
  return ` ${text.replaceAll(/[^\p{L}']+/gu, " ")} `;
}
