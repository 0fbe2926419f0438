import { compounds } from "../plant/compounds";
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
  is: (share: (ids: readonly string[]) => number, oil: Composition) => boolean;
}

const light = (oil: Composition) =>
  Object.entries(oil).reduce((sum, [id, share]) => {
    const compound = compounds[id];
    return compound && compound.boilingC <= lightBoilsAtC ? sum + share : sum;
  }, 0);
const thin = (oil: Composition) =>
  Object.entries(oil).reduce((sum, [id, share]) => {
    const compound = compounds[id];
    return compound?.family === "hydrocarbon" && compound.molarMass <= thinUpTo ? sum + share : sum;
  }, 0);

/* What boils below this flashes below 60 °C; hydrocarbons up to sesquiterpenes are thin enough to run into the lungs. */
const lightBoilsAtC = 185;
const thinUpTo = 210;

/*
 * Shares from which a mixture takes over what its parts bear, after the system of the United Nations and its European
 * rules (1272/2008), simplified: a draft to be checked by whoever may.
 */
const rules: readonly Rule[] = [
  { reason: "flammable", mark: "flame", signal: "warning", is: (_, oil) => light(oil) >= 0.3 },
  { reason: "lungs", mark: "health", signal: "danger", is: (_, oil) => thin(oil) >= 0.1 },
  {
    reason: "tumours",
    mark: "health",
    signal: "danger",
    is: (share) => share(["safrole"]) >= 0.001 || share(["methylEugenol", "estragole"]) >= 0.01,
  },
  {
    reason: "burnsSkin",
    mark: "corrosion",
    signal: "danger",
    is: (share) => share(["thymol", "carvacrol"]) >= 0.05,
  },
  {
    reason: "harmfulSwallowed",
    mark: "exclamation",
    signal: "warning",
    is: (share) =>
      share([
        "pulegone",
        "methylSalicylate",
        "alphaThujone",
        "betaThujone",
        "thymol",
        "carvacrol",
        "camphor",
        "transAnethole",
        "eugenol",
        "umbellulone",
      ]) >= 0.25,
  },
  {
    reason: "sensitises",
    mark: "exclamation",
    signal: "warning",
    is: (share) =>
      [
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
        "betaPinene",
        "alphaPinene",
      ].some((id) => share([id]) >= 0.01),
  },
  {
    reason: "irritates",
    mark: "exclamation",
    signal: "warning",
    is: (share) =>
      share([
        "limonene",
        "alphaPinene",
        "betaPinene",
        "delta3Carene",
        "linalool",
        "geraniol",
        "menthol",
        "eugenol",
        "cinnamaldehyde",
        "geranial",
        "terpinen4ol",
      ]) >= 0.1,
  },
  {
    reason: "water",
    mark: "environment",
    is: (share) =>
      share([
        "limonene",
        "alphaPinene",
        "betaPinene",
        "delta3Carene",
        "terpinolene",
        "gammaTerpinene",
        "camphene",
        "pCymene",
        "carvacrol",
        "thymol",
        "caryophyllene",
      ]) >= 0.025,
  },
];

/** The marks, the word and the reasons that an oil's make-up asks for: a draft, to be checked. */
export function hazardDraft(oil: Composition): HazardDraft {
  const share = (ids: readonly string[]) => ids.reduce((sum, id) => sum + (oil[id] ?? 0), 0);
  const met = rules.filter(({ is }) => is(share, oil));
  const found = new Set(met.map(({ mark }) => mark));
  const signal = met.some((rule) => rule.signal === "danger")
    ? "danger"
    : met.some((rule) => rule.signal === "warning")
      ? "warning"
      : undefined;
  return {
    marks: hazardMarks.filter((mark) => found.has(mark)),
    ...(signal ? { signal } : {}),
    reasons: met.map(({ reason }) => reason),
  };
}
