import type { Method } from "@/core/still/methods";

/** The ways of distilling as a choice says them. */
export const methodWords: Record<Method, string> = {
  steam: "Over steam",
  hydro: "In the water",
  cohobation: "Hydrosol flows back",
  bowl: "Bowl and lid",
};
