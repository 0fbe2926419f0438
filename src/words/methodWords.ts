import type { Method } from "@/core/still/methods";

/** The ways of distilling as a choice says them. */
export const methodWords: Record<Method, string> = {
  steam: "Over steam",
  hydro: "Plant in the water",
  cohobation: "With return",
  bowl: "Bowl and lid",
};
