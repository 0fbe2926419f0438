import { compounds } from "@/core/plant/compounds";
import type { Plant } from "@/core/plant/plant";

/* More than these and finding one takes longer than typing it. */
const most = 8;

/** Words its smell may be told in: those of the oil's compounds, the largest first. */
export function smellsOf(composition: Plant["composition"]): string[] {
  const words = Object.entries(composition)
    .sort(([, a], [, b]) => b - a)
    .flatMap(([id]) => compounds[id as keyof typeof compounds]?.odour.split(", ") ?? []);
  return [...new Set(words)].filter(Boolean).slice(0, most);
}
