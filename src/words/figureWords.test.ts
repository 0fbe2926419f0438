import { readFileSync, readdirSync } from "node:fs";
import { join } from "node:path";
import { figureWords, figuresOf, type FigureId } from "./figureWords";

const guideText = readFileSync(join(__dirname, "../../public/guide.md"), "utf8");
const ids = Object.keys(figureWords) as FigureId[];

test("each figure says in at most three short sentences how it comes about", () => {
  for (const id of ids) {
    const { figure, says, guide } = figureWords[id];
    const sentences = says.split(/(?<=[.?!]) /);
    expect([id, sentences.length]).toEqual([id, Math.min(3, sentences.length)]);
    for (const sentence of sentences)
      expect([id, sentence.split(" ").length <= 24]).toEqual([id, true]);
    expect(figure).not.toMatch(/\.$/);
    const section = new URL(guide, "http://here").searchParams.get("about");
    expect(guideText).toContain(`\n## ${section}\n`);
  }
});

test("no figure is explained that stands on no screen", () => {
  const features = join(__dirname, "../features");
  const used = readdirSync(features, { recursive: true, encoding: "utf8" })
    .filter((name) => /(?<!\.test)\.tsx?$/.test(name))
    .map((name) => readFileSync(join(features, name), "utf8"))
    .join("\n");
  for (const id of ids)
    expect([id, new RegExp(`"${id}"|figureWords\\.${id}\\b`).test(used)]).toEqual([id, true]);
});

test("figures come in the order that a screen names them", () => {
  expect(figuresOf(["outlet", "flow"]).map(({ figure }) => figure)).toEqual(["Outlet", "Flow"]);
});
