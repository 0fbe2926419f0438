import { saveFigures, standAlone } from "./saveChart";

const saved: { name: string; blob: Blob }[] = [];
beforeEach(() => {
  saved.length = 0;
  let last: Blob;
  Object.assign(URL, {
    createObjectURL: (blob: Blob) => {
      last = blob;
      return "blob:a";
    },
    revokeObjectURL: () => undefined,
  });
  jest.spyOn(HTMLAnchorElement.prototype, "click").mockImplementation(function (
    this: HTMLAnchorElement,
  ) {
    saved.push({ name: this.download, blob: last });
  });
});
afterEach(() => jest.restoreAllMocks());

test("a saved drawing carries its colours and letters, and needs nothing of the page", () => {
  document.documentElement.style.setProperty("--oil", "#b27a12");
  const holder = document.createElement("div");
  holder.innerHTML =
    '<svg viewBox="0 0 10 10" aria-hidden="true"><path fill="var(--oil)" d="M0 0"/><text font-family="Atkinson_600">Oil</text></svg>';
  document.body.append(holder);
  const svg = holder.querySelector("svg")!;
  svg.style.setProperty("--oil", "#b27a12");
  const text = standAlone(svg);
  expect(text).toMatch(/^<svg [^>]*xmlns="http:\/\/www\.w3\.org\/2000\/svg"/);
  expect(text).toContain('fill="#b27a12"');
  expect(text).not.toContain("var(");
  expect(text).toMatch(/font-family="'Atkinson Hyperlegible Next', sans-serif" font-weight="600"/);
});

test("saved figures are a table with its columns named, whatever is missing left empty", async () => {
  await saveFigures({
    name: "oil",
    columns: ["minutes", "mL"],
    rows: [
      [0, 1],
      [5, undefined],
    ],
  });
  expect(saved[0]!.name).toMatch(/^sereno-oil-\d{4}-\d\d-\d\d\.csv$/);
  const text = await new Promise<string>((done) => {
    const reader = new FileReader();
    reader.onload = () => done(String(reader.result));
    reader.readAsText(saved[0]!.blob);
  });
  expect(text).toBe("minutes,mL\r\n0,1\r\n5,\r\n");
});
