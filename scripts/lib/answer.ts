import { readFileSync } from "node:fs";
import type { z } from "zod";

/**
 * Answers one JSON request on standard input with one JSON object on standard output. What is wrong with
 * a request goes to standard error, a line each, and the exit is 1.
 */
export function answer<T>(schema: z.ZodType<T, unknown>, reply: (request: T) => unknown): void {
  const faults = faultsOf(schema, reply);
  if (faults.length === 0) return;
  console.error(faults.join("\n"));
  process.exitCode = 1;
}

function faultsOf<T>(schema: z.ZodType<T, unknown>, reply: (request: T) => unknown): string[] {
  let raw: unknown;
  try {
    raw = JSON.parse(readFileSync(0, "utf8"));
  } catch {
    return ["the request is not JSON"];
  }
  const request = schema.safeParse(raw);
  if (!request.success)
    return request.error.issues.map(
      ({ path, message }) => `${path.join(".") || "request"}: ${message}`,
    );
  try {
    console.log(JSON.stringify(reply(request.data)));
    return [];
  } catch (error) {
    return [error instanceof Error ? error.message : String(error)];
  }
}
