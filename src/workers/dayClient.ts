import { dayAnswerSchema, type DayAnswer, type DayQuestion } from "@/messages/dayMessages";
import { computeThread } from "./computeThread";

const thread = computeThread();
let questions = 0;

/** A day that is being laid out. */
export interface LayingOut {
  /** The best that was found; undefined where nothing fits. Rejects when the worker cannot answer. */
  answer: Promise<DayAnswer | undefined>;
  /** Ends the search with what it has. */
  stop: () => void;
}

/** Lays a day out, off the page's thread. Several may be under way at once. */
export function layOutDay(question: DayQuestion): LayingOut {
  const { remote, answered } = thread();
  questions += 1;
  const number = questions;
  return {
    answer: answered(remote.layOutDay(number, question)).then((answer) =>
      answer === undefined ? undefined : dayAnswerSchema.parse(answer),
    ),
    stop: () => void remote.stopDay(number),
  };
}
