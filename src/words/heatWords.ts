import type { HeatKind, heatSources } from "@/core/still/heatSources";

/** The kinds of heat as a choice says them. */
export const heatWords: Record<HeatKind, string> = {
  element: "Element inside",
  induction: "Induction",
  plate: "Electric plate",
  gas: "Gas ring",
  externalSteam: "Steam from a boiler",
  mantle: "Heating mantle",
  bath: "Bath of oil or brine",
  spirit: "Spirit burner",
  wood: "Wood fire",
  generator: "Electric steam generator",
};

/** What is paid for, at the head of its amount. */
export const fuelWords: Record<(typeof heatSources)[HeatKind]["fuel"], string> = {
  electricity: "Electricity",
  gas: "Gas",
  own: "Heat",
};
