import { z } from "zod";
import { logbookFileSchema } from "./logbookFile";

/** The JSON Schema of a logbook file, as it is published beside the app. */
export function logbookJsonSchema(): object {
  return {
    ...z.toJSONSchema(logbookFileSchema, { io: "input" }),
    title: "Sereno logbook",
    description:
      "All records of one logbook. Masses in g, volumes in mL, lengths in mm, temperatures in °C.",
  };
}
