import { readdirSync, readFileSync } from "node:fs";
import { holding, readGuide, sectionsOf } from "./guide";

const file = (name: string) => readFileSync(`public/${name}.md`, "utf8");

test("a guide falls into its sections, each with its words and where it begins", async () => {
  const [first, second] = await sectionsOf(
    "# The guide\n\nLost.\n\n## Water\n\n![A pot](/how/a.jpg)\n\nPour *it* in. Then wait.\n\n## Oil\n\n1. Draw it off.\n2. Dry it.\n\n| What | How |\n|---|---|\n| Haze | Warm it |\n",
  );
  expect(first).toMatchObject({ title: "Water" });
  expect(first!.words).toContain("pour it in");
  expect(second!.words).toMatch(/draw it off.*haze.*warm it/);
  expect(
    holding(second!, "dry").flatMap((token) => ("items" in token ? token.items : [])),
  ).toHaveLength(1);
  expect(holding(second!, "haze").map(({ type }) => type)).toEqual(["table"]);
  expect(holding(second!, "nothing")).toEqual([]);
});

test.each(["guide", "how"])(
  "every section of the %s has something in it, and begins in words",
  async (name) => {
    const sections = await sectionsOf(file(name));
    expect(sections.length).toBeGreaterThan(9);
    for (const { title, begins, tokens } of sections) {
      expect(title).not.toBe("");
      expect([title, begins]).toEqual([title, expect.stringMatching(/^[A-Z_‘“`/]|^\d/)]);
      expect(tokens.length).toBeGreaterThan(0);
    }
  },
);

test("ten questions are answered in short steps, each with its picture and ways that there are", async () => {
  const text = file("how");
  const sections = await sectionsOf(text);
  expect(sections.filter(({ title }) => title.startsWith("How do I"))).toHaveLength(10);
  const pictures = [...text.matchAll(/!\[[^\]]+\]\((\/how\/[a-z]+\.jpg)\)/g)];
  expect(pictures).toHaveLength(10);
  for (const [, picture] of pictures)
    expect(readFileSync(`public${picture}`).length).toBeGreaterThan(5000);
});

test("a page that leads into the guide names a section that there is", async () => {
  const screens = readdirSync("src/features", { recursive: true, encoding: "utf8" })
    .filter((file) => file.endsWith(".tsx"))
    .map((file) => readFileSync(`src/features/${file}`, "utf8"));
  const led = screens.flatMap((text) =>
    [...text.matchAll(/\/bench\/guide\?about=([^"]+)"/g)].map(([, about]) =>
      decodeURIComponent(about ?? ""),
    ),
  );
  const titles = (await sectionsOf(file("guide"))).map(({ title }) => title);
  expect(led.length).toBeGreaterThan(6);
  for (const about of led) expect(titles).toContain(about);
});

test("what could not be read is asked for again the next time", async () => {
  const fetched = jest
    .fn()
    .mockResolvedValueOnce({ ok: false })
    .mockResolvedValue({ ok: true, text: async () => "## One\n\nIt is here." });
  Object.assign(globalThis, { fetch: fetched });
  await expect(readGuide("how")).rejects.toThrow("not here");
  await expect(readGuide("how")).resolves.toMatchObject([{ title: "One" }]);
  await readGuide("how");
  expect(fetched).toHaveBeenCalledTimes(2);
});
