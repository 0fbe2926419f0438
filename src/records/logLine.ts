import { showTemperature, showVolume, words, type UnitSystem } from "@/core";
import type { RunState } from "./runState";

type Standing = RunState["entries"][number];

export const entryWords: Record<Standing["type"], string> = {
  lit: "Heat on",
  boiling: "Boiling",
  firstDrop: "First drop",
  reading: "Reading",
  jarSwapped: "Jar swapped",
  waterAdded: "Water added",
  heatOff: "Heat off",
  note: "Note",
  separated: "Separated",
};

/** An entry of the log as a person reads it: what happened, and what was seen. */
export function logLine(entry: Standing, units: UnitSystem): { what: string; detail: string } {
  const parts: string[] = [];
  if (entry.type === "reading") {
    if (entry.headC !== undefined) parts.push(`head ${words(showTemperature(entry.headC, units))}`);
    if (entry.outletC !== undefined)
      parts.push(`outlet ${words(showTemperature(entry.outletC, units))}`);
    if (entry.distillateMl !== undefined)
      parts.push(`${words(showVolume(entry.distillateMl, units))} so far`);
  }
  if (entry.type === "waterAdded") parts.push(words(showVolume(entry.volumeMl, units)));
  if (entry.type === "separated")
    parts.push(`${entry.oilMl} mL oil, ${words(showVolume(entry.hydrosolMl, units))} hydrosol`);
  if (entry.note) parts.push(entry.note);
  return { what: entryWords[entry.type], detail: parts.join(", ") };
}
