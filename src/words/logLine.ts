import {
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
import { plural, t } from "@/language/t";
import type { LoggedEntry } from "@/logbook/run/runState";
import type { Separated } from "@/records/entry";

export const entryWords: Record<LoggedEntry["type"], string> = {
  lit: t`Heat on`,
  boiling: t`Boiling`,
  firstDrop: t`First drop`,
  reading: t`Reading`,
  jarSwapped: t`Jar swapped`,
  waterAdded: t`Water added`,
  iceAdded: t`Ice added`,
  lidTended: t`Melt water off, ice on the lid`,
  looked: t`Looked under the lid`,
  heatChanged: t`Heat changed`,
  trouble: t`Trouble`,
  stopMoved: t`Stop moved`,
  spent: t`Spent plant`,
  heatOff: t`Heat off`,
  note: t`Note`,
  settling: t`Settling started`,
  separated: t`Separated`,
  drawnOff: t`Drawn off later`,
};

/** An entry of the log as a person reads it: what happened, and what was seen. */
export function logLine(entry: LoggedEntry, units: UnitSystem): { what: string; detail: string } {
  const parts: string[] = [];
  if (entry.type === "reading") {
    if (entry.headC !== undefined)
      parts.push(t`head ${words(showTemperature(entry.headC, units))}`);
    if (entry.coolingOutC !== undefined)
      parts.push(t`cooling water out ${words(showTemperature(entry.coolingOutC, units))}`);
    if (entry.outletC !== undefined)
      parts.push(t`outlet ${words(showTemperature(entry.outletC, units))}`);
    if (entry.distillateMl !== undefined)
      parts.push(t`${words(showVolume(entry.distillateMl, units))} so far`);
    if (entry.rateMlPerMin !== undefined) parts.push(words(showFlow(entry.rateMlPerMin, units)));
    if (entry.oilMl !== undefined) parts.push(t`${words(showOil(entry.oilMl))} visible oil`);
    if (entry.tubC !== undefined) parts.push(t`tub ${words(showTemperature(entry.tubC, units))}`);
  }
  if (entry.type === "lit" && entry.reason)
    parts.push(
      t`with ${plural(entry.open?.length ?? 0, { one: "# check", other: "# checks" })} open: ${entry.reason}`,
    );
  if (entry.type === "iceAdded") parts.push(words(showMass(entry.massG, units)));
  if (entry.type === "heatChanged") parts.push(`${fixed(entry.powerW, 0)} W`);
  if (entry.type === "trouble") parts.push(entry.what);
  if (entry.type === "stopMoved")
    parts.push(t`to ${showDuration(entry.minutes)} after the first drop: ${entry.reason}`);
  if (entry.type === "spent") parts.push(...spentWords(entry, units));
  if (entry.type === "waterAdded") parts.push(words(showVolume(entry.volumeMl, units)));
  if (entry.type === "separated")
    parts.push(
      entry.oilMl === undefined ? t`oil still open` : oilWords(entry.oilMl, entry.oilFrom),
      entry.hydrosolMl === undefined
        ? t`hydrosol still open`
        : t`${words(showVolume(entry.hydrosolMl, units))} hydrosol`,
    );
  if (entry.type === "settling")
    parts.push(
      entry.vessel.name,
      words(showTemperature(entry.temperatureC, units)),
      ...(entry.saltGPerL > 0 ? [saltWords(entry.saltGPerL, units)] : []),
    );
  if (entry.type === "drawnOff") parts.push(t`${words(showOil(entry.oilMl))} more oil`);
  if (entry.note) parts.push(entry.note);
  const detail = parts.join(", ");
  return {
    what: entryWords[entry.type],
    detail: entry.by === undefined ? detail : detail ? `${detail} · ${entry.by}` : entry.by,
  };
}

/* Corrected by hand since, the oil is no longer the picture's. */
function oilWords(oilMl: number, from: Separated["oilFrom"]): string {
  const oil = words(showOil(oilMl));
  return from && from.lowMl <= oilMl && oilMl <= from.highMl
    ? t`${oil} oil from a picture, ${showRange(from.lowMl, from.highMl)} mL likely`
    : t`${oil} oil`;
}

function saltWords(saltGPerL: number, units: UnitSystem): string {
  const salt = words(showSalt(saltGPerL, units));
  return units === "metric" ? t`${salt} of salt to the litre` : t`${salt} of salt to the quart`;
}

function spentWords(entry: Extract<LoggedEntry, { type: "spent" }>, units: UnitSystem): string[] {
  return [
    entry.wetness,
    entry.smell && t`smells ${entry.smell}`,
    entry.colour,
    entry.tailMl === undefined
      ? undefined
      : t`${words(showVolume(entry.tailMl, units))} more ran out`,
    entry.liquorKept === undefined
      ? undefined
      : entry.liquorKept
        ? t`liquor kept`
        : t`liquor let go`,
  ].filter((part) => part !== undefined && part !== "") as string[];
}
