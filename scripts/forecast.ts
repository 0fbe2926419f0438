/* Forecasts one run: a request as JSON on standard input, the answer as JSON on standard output. */
import { forecastRun } from "../src/core";
import { forecastRequestSchema } from "../src/messages/forecastRequest";
import { warningWords } from "../src/words/warningWords";
import { answer } from "./lib/answer";

answer(forecastRequestSchema, (request) => {
  const { warnings, ...forecast } = forecastRun(request);
  const said = warnings.map((warning) => ({ ...warning, ...warningWords(warning, "metric") }));
  return { ...forecast, warnings: said };
});
