/* Forecasts one run: a request as JSON on standard input, the answer as JSON on standard output. */
import { readFileSync } from "node:fs";
import { forecastRun } from "../src/core";
import { forecastRequestSchema } from "../src/messages/forecastRequest";
import { warningWords } from "../src/words/warningWords";

const faults = answer();
if (faults) {
  console.error(faults.join("\n"));
  process.exitCode = 1;
}

function answer(): string[] | undefined {
  let raw: unknown;
  try {
    raw = JSON.parse(readFileSync(0, "utf8"));
  } catch {
    return ["the request is not JSON"];
  }
  const request = forecastRequestSchema.safeParse(raw);
  if (!request.success) {
    return request.error.issues.map(
      ({ path, message }) => `${path.join(".") || "request"}: ${message}`,
    );
  }
  try {
    const { warnings, ...forecast } = forecastRun(request.data);
    const said = warnings.map((warning) => ({ ...warning, ...warningWords(warning, "metric") }));
    console.log(JSON.stringify({ ...forecast, warnings: said }));
    return undefined;
  } catch (error) {
    return [error instanceof Error ? error.message : String(error)];
  }
}
