import { isoDay } from "@/core/units/dates";
import { t } from "@/language/t";
import { newRecord } from "@/records/base";
import type { Use } from "@/records/bottle";
import { newCode } from "@/records/codes";
import type { Lot } from "@/records/lot";
import { keepUndoable, type Kept } from "./changes";
import { selectBottles, selectLots } from "./selectors";
import type { Thunk } from "./store";

/** A part of a blend: out of a bottle, or of what of a lot is in none. */
export interface BlendPart {
  bottleId?: string;
  lotId: string;
  amountMl: number;
}

/** Pours several together: a lot of its own, and a use of each part that says so. One step, taken back as one. */
export function blendLots(
  name: string,
  product: Lot["product"],
  parts: readonly BlendPart[],
): Thunk<Kept & { made?: Lot }> {
  return (dispatch, getState, { now }) => {
    const root = getState();
    const lots = selectLots(root);
    const at = now();
    const largest = parts.reduce((a, b) => (b.amountMl > a.amountMl ? b : a));
    const made: Lot = {
      ...newRecord("lot", at),
      code: newCode([...lots, ...selectBottles(root)].map(({ code }) => code)),
      product,
      origin: "blend",
      name,
      plantId: lots.find(({ id }) => id === largest.lotId)?.plantId ?? "",
      runIds: [],
      madeOn: isoDay(at),
      volumeMl: Number(parts.reduce((sum, { amountMl }) => sum + amountMl, 0).toPrecision(9)),
    };
    const uses = parts.map(({ bottleId, lotId, amountMl }): Use => ({
      ...newRecord("use", at),
      ...(bottleId ? { bottleId } : { lotId }),
      at: at.toISOString(),
      amountMl,
      purpose: name,
      way: "blended",
      intoLotId: made.id,
    }));
    const kept = dispatch(keepUndoable(t`${name} is blended: ${made.code}.`, [made, ...uses]));
    return kept.ok ? { ...kept, made } : kept;
  };
}
