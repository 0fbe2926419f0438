import type { Separated } from "@/records/entry";
import type { Run } from "@/records/run";
import { runState } from "./runState";

/** What was measured of all that were poured together. */
export function wholePool(measured: Separated, runs: readonly Run[]): Separated {
  if (!measured.pool) return measured;
  const parts = runs
    .filter(({ id }) => measured.pool?.runIds.includes(id))
    .flatMap((each) => runState(each.entries).result ?? []);
  const sum = (read: (part: Separated) => number | undefined) =>
    Number(parts.reduce((all, part) => all + (read(part) ?? 0), 0).toPrecision(6));
  const told = <K extends "oilMl" | "hydrosolMl" | "firstCutMl" | "liquorMl">(field: K) =>
    measured[field] === undefined ? {} : { [field]: sum((part) => part[field]) };
  return {
    ...measured,
    ...told("oilMl"),
    ...told("hydrosolMl"),
    ...told("firstCutMl"),
    ...told("liquorMl"),
    ...(measured.jars
      ? {
          jars: measured.jars.map(({ oilMl }, i) => ({
            volumeMl: sum((part) => part.jars?.[i]?.volumeMl),
            ...(oilMl === undefined ? {} : { oilMl: sum((part) => part.jars?.[i]?.oilMl) }),
          })),
        }
      : {}),
  };
}
