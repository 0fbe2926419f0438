import { t } from "@/language/t";
import type { BarePlant } from "../plant";

/** What another kind of a plant changes: its oil, and with it smell and safety. */
type Kind = Pick<BarePlant, "id" | "name" | "code" | "composition"> & {
  of: string;
  hazards?: string[];
};

/*
 * Chemotypes: one species whose oils differ so much that smell and safety do. Compositions as reviews of
 * the species give them, rounded.
 */
const kinds: Kind[] = [
  {
    of: "thyme",
    id: "thymelinalool",
    name: t`Thyme, linalool kind`,
    code: "TN",
    composition: { linalool: 0.7, linalylAcetate: 0.08, terpinen4ol: 0.02, caryophyllene: 0.03 },
    hazards: [],
  },
  {
    of: "thyme",
    id: "thymegeraniol",
    name: t`Thyme, geraniol kind`,
    code: "TG",
    composition: { geraniol: 0.4, geranylAcetate: 0.4, linalool: 0.04, caryophyllene: 0.04 },
    hazards: [],
  },
  {
    of: "rosemary",
    id: "rosemarycamphor",
    name: t`Rosemary, camphor kind`,
    code: "RX",
    composition: {
      camphor: 0.28,
      cineole: 0.2,
      alphaPinene: 0.2,
      camphene: 0.1,
      borneol: 0.04,
      verbenone: 0.02,
      myrcene: 0.03,
    },
    hazards: [t`Camphor can bring on a fit: never with epilepsy, not near small children.`],
  },
  {
    of: "rosemary",
    id: "rosemaryverbenone",
    name: t`Rosemary, verbenone kind`,
    code: "RV",
    composition: {
      alphaPinene: 0.3,
      verbenone: 0.14,
      camphor: 0.1,
      cineole: 0.12,
      bornylAcetate: 0.1,
      camphene: 0.06,
      borneol: 0.04,
    },
  },
  {
    of: "basil",
    id: "basilestragole",
    name: t`Basil, estragole kind`,
    code: "BE",
    composition: { estragole: 0.78, linalool: 0.06, cineole: 0.03, ocimene: 0.02 },
    hazards: [t`Estragole causes tumours in animals: a tenth of a per cent on skin at most.`],
  },
  {
    of: "yarrow",
    id: "yarrowcamphor",
    name: t`Yarrow, camphor kind`,
    code: "YC",
    composition: {
      camphor: 0.18,
      cineole: 0.15,
      borneol: 0.08,
      sabinene: 0.12,
      betaPinene: 0.12,
      caryophyllene: 0.04,
    },
    hazards: [
      t`Camphor can bring on a fit: never with epilepsy.`,
      t`Daisy family: allergy is possible.`,
    ],
  },
  {
    of: "frankincense",
    id: "frankincenseoctyl",
    name: t`Frankincense, octyl acetate kind`,
    code: "FO",
    composition: { octylAcetate: 0.56, limonene: 0.06, alphaPinene: 0.04, linalool: 0.02 },
  },
  {
    of: "wormwood",
    id: "wormwoodchrysanthenyl",
    name: t`Wormwood, chrysanthenyl acetate kind`,
    code: "WX",
    composition: {
      chrysanthenylAcetate: 0.4,
      sabinene: 0.08,
      linalool: 0.05,
      myrcene: 0.08,
      germacreneD: 0.05,
      alphaThujone: 0.02,
    },
  },
];

/** The plant that a kind is one of, by their ids. */
export const sisters: Readonly<Record<string, string>> = Object.fromEntries(
  kinds.map(({ id, of }) => [id, of]),
);

/** The other kinds of plants that are in the book. */
export function kindsOf(plants: readonly BarePlant[]): BarePlant[] {
  return kinds.flatMap(({ of, hazards, ...kind }) => {
    const base = plants.find(({ id }) => id === of);
    return base ? [{ ...base, ...kind, hazards: hazards ?? base.hazards }] : [];
  });
}
