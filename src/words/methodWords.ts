import type { Method } from "@/core/still/methods";
import { t } from "@/language/t";

/** The ways of distilling as a choice says them. */
export const methodWords: Record<Method, string> = {
  steam: t`Over steam`,
  hydro: t`Plant in the water`,
  cohobation: t`With return`,
  bowl: t`Bowl and lid`,
};

/** The same within a list. */
export const methodInList: Record<Method, string> = {
  steam: t`over steam`,
  hydro: t`plant in the water`,
  cohobation: t`with return`,
  bowl: t`bowl and lid`,
};
