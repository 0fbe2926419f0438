import { z } from "zod";

/** A moment as ISO 8601 with its offset or Z: unaffected by the device's time zone. */
export const moment = z.iso.datetime({ offset: true });
/** A day, `YYYY-MM-DD`, as the person's calendar has it. */
export const day = z.iso.date();
