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
