import type { HeatKind, heatSources } from "@/core/still/heatSources";
import { t } from "@/language/t";

/** The kinds of heat as a choice says them. */
export const heatWords: Record<HeatKind, string> = {
  element: t`Element inside`,
  induction: t`Induction`,
  plate: t`Electric plate`,
  gas: t`Gas ring`,
  externalSteam: t`Steam from a boiler`,
  mantle: t`Heating mantle`,
  bath: t`Bath of oil or brine`,
  spirit: t`Spirit burner`,
  wood: t`Wood fire`,
  generator: t`Electric steam generator`,
};

/** The same within a list. */
export const heatInList: Record<HeatKind, string> = {
  element: t`element inside`,
  induction: t`induction`,
  plate: t`electric plate`,
  gas: t`gas ring`,
  externalSteam: t`steam from a boiler`,
  mantle: t`heating mantle`,
  bath: t`bath of oil or brine`,
  spirit: t`spirit burner`,
  wood: t`wood fire`,
  generator: t`electric steam generator`,
};

/** What is paid for, at the head of its amount. */
export const fuelWords: Record<(typeof heatSources)[HeatKind]["fuel"], string> = {
  electricity: t`Electricity`,
  gas: t`Gas`,
  own: t`Heat`,
};
