import type { Method } from "@/core";
import type { Still } from "@/records/still";

/** One thing to see with one's own eyes before the heat goes on. */
export interface CheckItem {
  id: string;
  label: string;
  reason: string;
}

/** The checks that fit this still, this heat and this way of distilling, in the order of the hands. */
export function checklist(
  still: Pick<Still, "construction" | "metal" | "heat" | "dryLineMl">,
  method: Method,
  water: string,
  dryLine: string,
): CheckItem[] {
  const flame = still.heat.kind === "gas";
  const mains =
    still.heat.kind === "element" || still.heat.kind === "plate" || still.heat.kind === "induction";
  const items: (CheckItem | false)[] = [
    {
      id: "plant",
      label: "The plant is what I think it is",
      reason: "A look-alike in the still is a poison in the bottle.",
    },
    {
      id: "water",
      label: `Water is in: ${water}, above the dry line at ${dryLine}`,
      reason: "A dry pot scorches, and a dry element burns out.",
    },
    still.metal === "glass" && {
      id: "chips",
      label: "Boiling chips are in",
      reason: "Water in glass boils in bumps without them.",
    },
    method === "steam" && {
      id: "seat",
      label: "No plant lies in the seal's seat",
      reason: "A single leaf there leaks steam for the whole run.",
    },
    method === "hydro" && {
      id: "fill",
      label: "The pot is not fuller than planned",
      reason: "Boiling plant rises and climbs into the head.",
    },
    {
      id: "path",
      label: "Vapour path open from pot to jar, and vented",
      reason: "A closed still is a bomb. Nothing may stop it up.",
    },
    {
      id: "relief",
      label: "Relief valve moves freely, or the head lifts by itself",
      reason: "It is the way out if the path clogs.",
    },
    {
      id: "cooling",
      label: "Cooling runs in at the bottom, out at the top",
      reason: "The other way round it leaves a warm pocket, and oil is lost as vapour.",
    },
    {
      id: "jar",
      label: "A clean jar stands under the outlet, open to the air",
      reason: "The first distillate brings the most oil.",
    },
    flame && {
      id: "flame",
      label: "Flame clear of the outlet, oil and spirits",
      reason: "Oil and its vapour burn.",
    },
    mains && {
      id: "mains",
      label: "Plug and lead are dry and away from water",
      reason: "Mains beside water kills.",
    },
    {
      id: "room",
      label: "Window open, gloves and extinguisher at hand, nobody leaves the still alone",
      reason: "Steam burns, and things go wrong in minutes.",
    },
  ];
  return items.filter((item) => item !== false);
}
