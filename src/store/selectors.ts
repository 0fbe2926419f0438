import { createSelector } from "@reduxjs/toolkit";
import { defaultPreferences, preferencesId, type Setting } from "@/records/setting";
import { kinds, type AnyRecord, type Kind, type RecordOf } from "@/records/record";
import type { RecordStates } from "./recordSlice";
import type { RootState } from "./store";

/** The records of one kind by id, the bin included. */
export function entitiesOf<K extends Kind>(
  state: RecordStates,
  kind: K,
): Record<string, RecordOf<K>> {
  return state[kind].entities;
}

/** All records of a kind that are not in the bin, the oldest first. */
function alive<K extends Kind>(kind: K) {
  return createSelector(
    (state: RootState) => entitiesOf(state, kind),
    (entities): RecordOf<K>[] =>
      Object.values(entities)
        .filter(({ deletedAt }) => !deletedAt)
        .sort((a, b) => a.createdAt.localeCompare(b.createdAt)),
  );
}

export const selectStills = alive("still");
export const selectMeasures = alive("measure");
export const selectVessels = alive("vessel");
export const selectMaterials = alive("material");
export const selectHarvests = alive("harvest");
export const selectLots = alive("lot");
export const selectBottles = alive("bottle");
export const selectUses = alive("use");
export const selectChecks = alive("check");
export const selectEmpties = alive("empty");
export const selectDuties = alive("duty");
export const selectDays = alive("day");
export const selectExercises = alive("exercise");
export const selectTrials = alive("trial");
export const selectSniffs = alive("sniff");

/** Runs, the latest number first. */
export const selectRuns = createSelector(alive("run"), (runs) =>
  [...runs].sort((a, b) => b.number - a.number),
);

/** The person's preferences, or the defaults before there are any. */
export function selectPreferences(state: RootState): Setting {
  return state.setting.entities[preferencesId] ?? defaults;
}
const defaults = defaultPreferences();

/** Everything, the bin included: what an export holds. */
export const selectAllRecords = createSelector(
  kinds.map((kind) => (state: RootState) => entitiesOf(state, kind)),
  (...all): AnyRecord[] => all.flatMap((entities) => Object.values<AnyRecord>(entities)),
);

/** What lies in the bin, the latest first. */
export const selectBin = createSelector(selectAllRecords, (records) =>
  records
    .filter(({ deletedAt }) => deletedAt)
    .sort((a, b) => (b.deletedAt ?? "").localeCompare(a.deletedAt ?? "")),
);
