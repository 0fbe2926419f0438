/* What is due, as an iCalendar file on standard output: --logbook file.json. */
import { parseArgs } from "node:util";
import { calendarFile } from "../src/exchange/calendarFile";
import { dutiesDue } from "../src/logbook/shelf/duties";
import { keepingRuleOf } from "../src/logbook/shelf/keepingRuleOf";
import { openLogbookFile } from "./lib/logbook";

const { values } = parseArgs({ options: { logbook: { type: "string" } } });
const { of, book, preferences } = openLogbookFile(values.logbook);
const due = dutiesDue(
  {
    runs: of("run"),
    lots: of("lot"),
    bottles: of("bottle"),
    uses: of("use"),
    checks: of("check"),
    duties: of("duty"),
    site: preferences.site,
    rule: keepingRuleOf(preferences),
  },
  new Date(),
  book,
);
process.stdout.write(calendarFile(due, book, preferences.units));
