import { bestBy } from "@/core/shelf/bestBy";
import { t } from "@/language/t";
import { emptiesChanged } from "@/logbook/shelf/empties";
import { monthsFilled } from "@/logbook/shelf/monthsFilled";
import type { Proposed } from "@/logbook/shelf/proposeBottles";
import { newRecord } from "@/records/base";
import type { Bottle } from "@/records/bottle";
import { newCode } from "@/records/codes";
import { keepUndoable, type Kept } from "../changes";
import { selectEmpties, selectRuns } from "../selectors";
import { selectPlantBook } from "../plants";
import { selectStock } from "../stock";
import type { Thunk } from "../store";

interface Told {
  lotId: string;
  bottles: readonly Proposed[];
  storage: Bottle["storage"];
  /** The person's own day; without it Sereno's. */
  bestBy?: string;
  place?: string;
  note?: string;
  /** Of a water: how it was filled and kept from spoiling. */
  water?: Pick<Bottle, "filling" | "filtering" | "preserved">;
}

/** Puts bottles of a lot on the shelf, each with a code of its own, and takes them off the empties. */
export function fillBottles(told: Told): Thunk<Kept> {
  return (dispatch, getState, { now }) => {
    const state = getState();
    const lot = state.lot.entities[told.lotId];
    if (!lot) return { ok: false, problem: t`this lot is not in this logbook any more` };
    const book = selectPlantBook(state);
    const { bottles, lots, checks, rule } = selectStock(state);
    const by = { book, rule, checks, runs: selectRuns(state) };
    const at = now();
    const codes = [...bottles, ...lots].map(({ code }) => code);
    const made = told.bottles.map(({ emptyId: _, ...bottle }): Bottle => {
      const code = newCode(codes);
      codes.push(code);
      const filled = { ...bottle, ...told.water, storage: told.storage };
      return {
        ...newRecord("bottle", at),
        code,
        lotId: lot.id,
        ...filled,
        bestBy: told.bestBy ?? bestBy(lot.madeOn, monthsFilled(lot, filled, by)),
        ...(told.place ? { place: told.place } : {}),
        ...(told.note ? { note: told.note } : {}),
      };
    });
    const used = selectEmpties(state).map((empty) =>
      emptiesChanged(
        empty,
        -told.bottles.filter(({ emptyId }) => emptyId === empty.id).length,
        "filled",
        at,
      ),
    );
    const said =
      made.length === 1
        ? t`${made[0]!.code} is on the shelf.`
        : t`${made.length} bottles are on the shelf.`;
    const changed = used.filter((empty) => empty !== state.empty.entities[empty.id]);
    return dispatch(keepUndoable(said, [...made, ...changed]));
  };
}
