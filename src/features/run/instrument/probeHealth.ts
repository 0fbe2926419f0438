import type { InstrumentStatus } from "@/instruments/instrumentLine";
import { t } from "@/language/t";
import type { Run } from "@/records/run";
import type { Instrument } from "./useInstrument";

/** How a run's probe is: as its line says, or heard but not kept. */
export type ProbeHealth = Exclude<InstrumentStatus, "none"> | "unstored";

/** The probe's health; undefined where none is heard, as after the run is measured. */
export function probeHealth(run: Run, { health }: Instrument): ProbeHealth | undefined {
  if (!run.instrument || health.status === "none") return undefined;
  return health.unstored ? "unstored" : health.status;
}

/** In a word, as it stands beside its sign. */
export const probeWords: Record<ProbeHealth, string> = {
  connecting: t`connecting`,
  live: t`live`,
  lost: t`lost`,
  silent: t`silent`,
  gone: t`gone`,
  unstored: t`not stored`,
};
