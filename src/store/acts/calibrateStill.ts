import type { Calibration } from "@/core/still/calibrate";
import { t } from "@/language/t";
import type { Still } from "@/records/still";
import { changeRecord, type Kept } from "../changes";
import type { Thunk } from "../store";

/** Takes what a run with water said of a still's heat for its own; the rest of the still stays as it is by then. */
export function calibrateStill(
  still: Still,
  { efficiency, lossWPerK }: Calibration,
  readings: Omit<NonNullable<Still["calibration"]>, "on">,
): Thunk<Kept> {
  return (dispatch, _getState, { now }) => {
    const on = now().toISOString();
    return dispatch(
      changeRecord(
        still,
        (current) => ({
          ...current,
          heat: { ...current.heat, efficiency },
          lossWPerK,
          calibration: { on, ...readings },
        }),
        t`${still.name} is calibrated.`,
      ),
    );
  };
}

/** Goes back to the usual figures of such a still. */
export function forgetCalibration(still: Still): Thunk<Kept> {
  return (dispatch) =>
    dispatch(
      changeRecord(
        still,
        ({ calibration: _, lossWPerK: __, heat: { kind, powerW }, ...current }) => ({
          ...current,
          heat: { kind, powerW },
        }),
        t`Calibration taken away.`,
      ),
    );
}
