import { changeRun, type Kept } from "../changes";
import type { Thunk } from "../store";

/** Chooses the device that a run's cues sound on; all of them where none is named. */
export function ringOn(runId: string, device: string | undefined): Thunk<Kept> {
  return (dispatch) =>
    dispatch(
      changeRun(runId, ({ ringsOn: _, ...run }) => ({
        ...run,
        ...(device === undefined ? {} : { ringsOn: device }),
      })),
    );
}
