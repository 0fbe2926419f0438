import {
  counted,
  fixed,
  showDuration,
  showFlow,
  showMass,
  showOil,
  showRange,
  showSalt,
  showTemperature,
  showVolume,
  words,
} from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import type { LoggedEntry } from "@/logbook/run/runState";
import type { Separated } from "@/records/entry";

export const entryWords: Record<LoggedEntry["type"], string> = {
  lit: "Heat on",
  boiling: "Boiling",
  firstDrop: "First drop",
  reading: "Reading",
  jarSwapped: "Jar swapped",
  waterAdded: "Water added",
  iceAdded: "Ice added",
  lidTended: "Melt water off, ice on the lid",
  looked: "Looked under the lid",
  heatChanged: "Heat changed",
  trouble: "Trouble",
  stopMoved: "Stop moved",
  spent: "Spent plant",
  heatOff: "Heat off",
  note: "Note",
  settling: "Settling started",
  separated: "Separated",
  drawnOff: "Drawn off later",
};

/** An entry of the log as a person reads it: what happened, and what was seen. */
export function logLine(entry: LoggedEntry, units: UnitSystem): { what: string; detail: string } {
  const parts: string[] = [];
  if (entry.type === "reading") {
    if (entry.headC !== undefined) parts.push(`head ${words(showTemperature(entry.headC, units))}`);
    if (entry.coolingOutC !== undefined)
      parts.push(`cooling water out ${words(showTemperature(entry.coolingOutC, units))}`);
    if (entry.outletC !== undefined)
      parts.push(`outlet ${words(showTemperature(entry.outletC, units))}`);
    if (entry.distillateMl !== undefined)
      parts.push(`${words(showVolume(entry.distillateMl, units))} so far`);
    if (entry.rateMlPerMin !== undefined) parts.push(words(showFlow(entry.rateMlPerMin, units)));
    if (entry.oilMl !== undefined) parts.push(`${words(showOil(entry.oilMl))} visible oil`);
    if (entry.tubC !== undefined) parts.push(`tub ${words(showTemperature(entry.tubC, units))}`);
  }
  if (entry.type === "lit" && entry.reason)
    parts.push(`with ${counted(entry.open?.length ?? 0, "check")} open: ${entry.reason}`);
  if (entry.type === "iceAdded") parts.push(words(showMass(entry.massG, units)));
  if (entry.type === "heatChanged") parts.push(`${fixed(entry.powerW, 0)} W`);
  if (entry.type === "trouble") parts.push(entry.what);
  if (entry.type === "stopMoved")
    parts.push(`to ${showDuration(entry.minutes)} after the first drop: ${entry.reason}`);
  if (entry.type === "spent") parts.push(...spentWords(entry, units));
  if (entry.type === "waterAdded") parts.push(words(showVolume(entry.volumeMl, units)));
  if (entry.type === "separated")
    parts.push(
      entry.oilMl === undefined
        ? "oil still open"
        : `${words(showOil(entry.oilMl))} oil${pictureWords(entry.oilMl, entry.oilFrom)}`,
      entry.hydrosolMl === undefined
        ? "hydrosol still open"
        : `${words(showVolume(entry.hydrosolMl, units))} hydrosol`,
    );
  if (entry.type === "settling")
    parts.push(
      `${entry.vessel.name}, ${words(showTemperature(entry.temperatureC, units))}${entry.saltGPerL > 0 ? `, ${words(showSalt(entry.saltGPerL, units))} of salt to the ${units === "metric" ? "litre" : "quart"}` : ""}`,
    );
  if (entry.type === "drawnOff") parts.push(`${words(showOil(entry.oilMl))} more oil`);
  if (entry.note) parts.push(entry.note);
  const detail = parts.join(", ");
  return {
    what: entryWords[entry.type],
    detail: entry.by === undefined ? detail : detail ? `${detail} · ${entry.by}` : entry.by,
  };
}

/* Corrected by hand since, the oil is no longer the picture's. */
function pictureWords(oilMl: number, from: Separated["oilFrom"]): string {
  return from && from.lowMl <= oilMl && oilMl <= from.highMl
    ? ` from a picture, ${showRange(from.lowMl, from.highMl)} mL likely`
    : "";
}

function spentWords(entry: Extract<LoggedEntry, { type: "spent" }>, units: UnitSystem): string[] {
  return [
    entry.wetness,
    entry.smell && `smells ${entry.smell}`,
    entry.colour,
    entry.tailMl === undefined
      ? undefined
      : `${words(showVolume(entry.tailMl, units))} more ran out`,
    entry.liquorKept === undefined ? undefined : `liquor ${entry.liquorKept ? "kept" : "let go"}`,
  ].filter((part) => part !== undefined && part !== "") as string[];
}
