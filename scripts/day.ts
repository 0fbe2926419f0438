/* A day at several stills: a request as JSON on standard input, when each step begins on standard output. */
import { blameFor, impossible, planDay } from "../src/core";
import { asDay, dayRequestSchema } from "../src/messages/dayRequest";
import { dayLimitWords } from "../src/words/dayWords";
import { answer } from "./lib/answer";

/* What a person would wait for. */
const tries = 16_000;

answer(dayRequestSchema, (request) => {
  const day = asDay(request);
  const limit = impossible(day);
  if (limit) throw new RangeError(dayLimitWords(limit));
  const plan = planDay(day, { tries });
  if (!plan) throw new RangeError(dayLimitWords({ limit: "daylight", endMin: Infinity }));
  const late = blameFor(day, plan, tries / 4);
  if (late) throw new RangeError(dayLimitWords(late));
  const { charges, endMin, lateMin } = plan;
  return { charges, endMin, lateMin };
});
