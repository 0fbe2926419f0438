import { t } from "@/language/t";
import type { SniffRound } from "@/records/sniff";
import { changeRecord, type Kept } from "../changes";
import type { Thunk } from "../store";

/**
 * Notes what was said of the round whose strips were shown. Where two tabs laid one out each, the other one stays
 * open: an answer to these codes says nothing of those.
 * @param shown the round as it was on the screen
 */
export function answerRound(
  sniffId: string,
  shown: SniffRound,
  told: Partial<Pick<SniffRound, "said" | "liked" | "laidOut">>,
): Thunk<Kept> {
  return (dispatch, getState) => {
    const sniff = getState().sniff.entities[sniffId];
    if (!sniff) return { ok: false, problem: t`this sniff is not in this logbook any more` };
    const codes = codesOf(shown);
    return dispatch(
      changeRecord(sniff, (now) => ({
        ...now,
        rounds: now.rounds.map((round) =>
          round.at === shown.at && codesOf(round) === codes && round.said === undefined
            ? { ...round, ...told }
            : round,
        ),
      })),
    );
  };
}

const codesOf = ({ strips }: SniffRound) => strips.map(({ code }) => code).join();
