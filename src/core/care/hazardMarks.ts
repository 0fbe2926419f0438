import { compounds, type Compound } from "../plant/compounds";
import type { Composition } from "../plant/oil";

/** The marks that rules on labelling dangerous goods put on a bottle, by what they show. */
const hazardMarks = ["flame", "corrosion", "exclamation", "health", "environment"] as const;
export type HazardMark = (typeof hazardMarks)[number];

/** Why a mark is there. */
export type MarkReason =
  | "flammable"
  | "burnsSkin"
  | "harmfulSwallowed"
  | "sensitises"
  | "irritates"
  | "lungs"
  | "tumours"
  | "water";

/** A draft of what a bottle of oil has to bear. */
export interface HazardDraft {
  marks: HazardMark[];
  signal?: "danger" | "warning";
  reasons: MarkReason[];
}

interface Rule {
  reason: MarkReason;
  mark: HazardMark;
  signal?: "danger" | "warning";
  /** From this share on, 0 to 1, of all of these together; of each by itself where so said. */
  from: number;
  of: readonly string[] | ((compound: Compound) => boolean);
  each?: true;
}

/* What boils below this flashes below 60 °C; hydrocarbons up to sesquiterpenes are thin enough to run into the lungs. */
const lightBoilsAtC = 185;
const thinUpTo = 210;
const pinenes = ["alphaPinene", "betaPinene"];
const phenols = ["thymol", "carvacrol"];

/*
 * Shares from which a mixture takes over what its parts bear, after the system of the United Nations and its European
 * rules (1272/2008), simplified: a draft to be checked by whoever may.
 */
const rules: readonly Rule[] = [
  {
    reason: "flammable",
    mark: "flame",
    signal: "warning",
    from: 0.3,
    of: ({ boilingC }) => boilingC <= lightBoilsAtC,
  },
  {
    reason: "lungs",
    mark: "health",
    signal: "danger",
    from: 0.1,
    of: ({ family, molarMass }) => family === "hydrocarbon" && molarMass <= thinUpTo,
  },
  { reason: "tumours", mark: "health", signal: "danger", from: 0.001, of: ["safrole"] },
  {
    reason: "tumours",
    mark: "health",
    signal: "danger",
    from: 0.01,
    of: ["methylEugenol", "estragole"],
  },
  { reason: "burnsSkin", mark: "corrosion", signal: "danger", from: 0.05, of: phenols },
  {
    reason: "harmfulSwallowed",
    mark: "exclamation",
    signal: "warning",
    from: 0.25,
    of: [
      ...phenols,
      "pulegone",
      "methylSalicylate",
      "alphaThujone",
      "betaThujone",
      "camphor",
      "transAnethole",
      "eugenol",
      "umbellulone",
    ],
  },
  {
    reason: "sensitises",
    mark: "exclamation",
    signal: "warning",
    from: 0.01,
    each: true,
    of: [
      ...pinenes,
      "limonene",
      "linalool",
      "linalylAcetate",
      "geraniol",
      "geranial",
      "citronellol",
      "citronellal",
      "eugenol",
      "cinnamaldehyde",
      "carvone",
      "delta3Carene",
      "transAnethole",
      "perillaldehyde",
      "alantolactone",
      "coumarin",
    ],
  },
  {
    reason: "irritates",
    mark: "exclamation",
    signal: "warning",
    from: 0.1,
    of: [
      ...pinenes,
      "limonene",
      "delta3Carene",
      "linalool",
      "geraniol",
      "menthol",
      "eugenol",
      "cinnamaldehyde",
      "geranial",
      "terpinen4ol",
    ],
  },
  {
    reason: "water",
    mark: "environment",
    from: 0.025,
    of: [
      ...pinenes,
      ...phenols,
      "limonene",
      "delta3Carene",
      "terpinolene",
      "gammaTerpinene",
      "camphene",
      "pCymene",
      "caryophyllene",
    ],
  },
];

function isMet({ of, from, each }: Rule, oil: Composition): boolean {
  const shares = Object.entries(oil).flatMap(([id, share]) => {
    const compound = compounds[id];
    const counts = typeof of === "function" ? compound && of(compound) : of.includes(id);
    return counts ? [share] : [];
  });
  return (each ? Math.max(0, ...shares) : shares.reduce((sum, share) => sum + share, 0)) >= from;
}

/** The marks, the word and the reasons that an oil's make-up asks for: a draft, to be checked. */
export function hazardDraft(oil: Composition): HazardDraft {
  const met = rules.filter((rule) => isMet(rule, oil));
  const found = new Set(met.map(({ mark }) => mark));
  const signal = (["danger", "warning"] as const).find((word) =>
    met.some((rule) => rule.signal === word),
  );
  return {
    marks: hazardMarks.filter((mark) => found.has(mark)),
    ...(signal ? { signal } : {}),
    reasons: [...new Set(met.map(({ reason }) => reason))],
  };
}
