/* The demonstration as a logbook file on standard output. */
import { buildDemo } from "../src/demo/buildDemo";
import { writeLogbook } from "../src/exchange/logbookFile";

const now = new Date();
console.log(writeLogbook(buildDemo(now), now));
