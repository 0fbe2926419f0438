import { keysOf } from "../keysOf";

/** What is true of one kind of heat, for all that has to do with it. */
interface HeatSource {
  /** Share of the rated power that reaches the pot, before the pot's own loss to the air, 0 to 1. */
  usualEfficiency: number;
  /** What is burnt or drawn, and paid for; own: the person makes it, and nobody knows at what price. */
  fuel: "electricity" | "gas" | "own";
  /** What to mind about it before it goes on. */
  hazard: "mains" | "flame" | "pressure";
  /** It warms a bath in which the flask hangs. */
  bath?: true;
  /** How it stands to the pot, to be drawn. */
  stands: "inside" | "flames" | "plate" | "field" | "beside";
}

/**
 * The kinds of heat, one row each. Efficiencies as measured elsewhere: an immersed element loses only
 * its leads; induction 0.74 to 0.84 and electric plates 0.55 to 0.75 in boiling tests; gas 0.30 to
 * 0.45, an open wood fire a tenth to a fifth; mantle, bath and spirit burner are judged. Calibration with water replaces them.
 */
export const heatSources = {
  element: { usualEfficiency: 0.95, fuel: "electricity", hazard: "mains", stands: "inside" },
  induction: { usualEfficiency: 0.8, fuel: "electricity", hazard: "mains", stands: "field" },
  plate: { usualEfficiency: 0.6, fuel: "electricity", hazard: "mains", stands: "plate" },
  gas: { usualEfficiency: 0.4, fuel: "gas", hazard: "flame", stands: "flames" },
  externalSteam: { usualEfficiency: 0.75, fuel: "own", hazard: "pressure", stands: "beside" },
  mantle: { usualEfficiency: 0.7, fuel: "electricity", hazard: "mains", stands: "plate" },
  bath: {
    usualEfficiency: 0.45,
    fuel: "electricity",
    hazard: "mains",
    stands: "plate",
    bath: true,
  },
  spirit: { usualEfficiency: 0.35, fuel: "own", hazard: "flame", stands: "flames" },
  wood: { usualEfficiency: 0.15, fuel: "own", hazard: "flame", stands: "flames" },
  generator: {
    usualEfficiency: 0.8,
    fuel: "electricity",
    hazard: "pressure",
    stands: "beside",
  },
} as const satisfies Record<string, HeatSource>;

/** What makes the heat. */
export type HeatKind = keyof typeof heatSources;

export const heatKinds = keysOf(heatSources);

/** What is true of one kind of heat. */
export function heatSourceOf(kind: HeatKind): HeatSource {
  return heatSources[kind];
}
