import { ringsHere } from "@/logbook/run/ringsHere";
import type { Run } from "@/records/run";
import { useAppSelector } from "./hooks";

/** Whether a run's cue, or its danger, sounds on this device. */
export function useRingsHere({ ringsOn }: Pick<Run, "ringsOn">, danger: boolean): boolean {
  return useAppSelector(({ sharing: { device, pairs } }) =>
    ringsHere(
      ringsOn,
      danger,
      device?.id,
      pairs.map(({ other, status }) => ({
        id: other.id,
        here: status === "here" || status === "elsewhere",
      })),
    ),
  );
}
