/* The words of a PDF, a line each page: what a person reads on the paper, out of the file itself. */
import { readFileSync } from "node:fs";
import process from "node:process";
import { getDocument } from "pdfjs-dist/legacy/build/pdf.mjs";

const data = new Uint8Array(readFileSync(process.argv[2]));
const { promise } = getDocument({ data, verbosity: 0 });
const paper = await promise;
for (let page = 1; page <= paper.numPages; page += 1) {
  const { items } = await (await paper.getPage(page)).getTextContent();
  process.stdout.write(`${items.map(({ str }) => str).join(" ")}\n`);
}
