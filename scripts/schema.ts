/* Writes the logbook file's JSON Schema to where the app publishes it. */
import { mkdirSync, writeFileSync } from "node:fs";
import { logbookJsonSchema } from "../src/exchange/logbookJsonSchema";

const file = "public/schema/sereno-logbook-1.json";
mkdirSync("public/schema", { recursive: true });
writeFileSync(file, `${JSON.stringify(logbookJsonSchema(), null, 2)}\n`);
console.log(`${file} is written.`);
