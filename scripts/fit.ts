/* Fits a run to what was read of it: a request as JSON on standard input, the answer on standard output. */
import { fitRun } from "../src/core/learn/fit";
import { fitRequestSchema } from "../src/messages/fitMessages";
import { answer } from "./lib/answer";

answer(fitRequestSchema, ({ request, readings }) => {
  const { parameters, ...rest } = fitRun(request, readings);
  return { ...parameters, ...rest };
});
