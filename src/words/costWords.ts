import { fixed } from "@/core/units/format";
import type { CostPart } from "@/logbook/shelf/costs";

export const costWords: Record<CostPart, string> = {
  plant: "Plant",
  energy: "Energy",
  water: "Water",
  ice: "Ice",
  work: "Own hours",
  bottles: "Bottles",
  bought: "Bought",
};

/** A sum in the person's own money. */
export function moneyWords(sum: number, currency = ""): string {
  return `${fixed(sum, 2)} ${currency}`.trim();
}
