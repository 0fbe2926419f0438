import { render, screen } from "@testing-library/react";
import { type NoteBand, notesOfRun } from "@/core/plan/notes";
import { plantById } from "@/core/plant/catalogue";
import { type NoteFamily, noteFamilies } from "@/core/plant/noteFamilies";
import { NoteBands, NoteLegend, shownFamilies } from "./NoteBands";

const bands = notesOfRun({
  method: "steam",
  material: { plantId: "peppermint" },
  massG: 500,
  still: { heat: { powerW: 1500, efficiency: 0.6 }, lossWPerK: 1, dryLineMl: 300 },
  waterMl: 4000,
  stop: { perKg: 1 },
}).bands;

test("the bands of a run are one picture with its words, and a path for each family shown", () => {
  const families = shownFamilies(bands);
  expect(families).toContain("mint");
  const { container } = render(
    <NoteBands
      bands={bands}
      families={families}
      cutsMl={[50, 300]}
      from="first drop"
      to="500 mL"
      inWords="mint all along"
    />,
  );
  expect(screen.getByRole("img", { name: "mint all along" })).toBeInTheDocument();
  expect(screen.getByText("500 mL")).toBeVisible();
  expect(container.querySelectorAll("path[fill^='url(#note-']")).toHaveLength(families.length);
  expect(container.querySelectorAll("line")).toHaveLength(2);
  expect(container.innerHTML).not.toMatch(/NaN/);
});

test("only what a nose could find is shown, the lightest first", () => {
  const nothing = Object.fromEntries(noteFamilies.map((family) => [family, 0]));
  const band = (shares: Partial<NoteBand["shares"]>): NoteBand => ({
    fromMl: 0,
    toMl: 1,
    shares: { ...nothing, ...shares } as NoteBand["shares"],
  });
  expect(shownFamilies([band({ wood: 0.5, citrus: 0.06, rose: 0.04 })])).toEqual([
    "citrus",
    "wood",
  ]);
  expect(shownFamilies([])).toEqual([]);
});

test("each family has a swatch of its own and its name", () => {
  const names = Object.fromEntries(noteFamilies.map((family) => [family, `like ${family}`]));
  const { container } = render(
    <NoteLegend families={noteFamilies} names={names as Record<NoteFamily, string>} />,
  );
  const fills = [...container.querySelectorAll("rect")]
    .map((rect) => rect.getAttribute("fill"))
    .filter((fill) => fill?.startsWith("#"));
  expect(new Set(fills).size).toBe(noteFamilies.length);
  for (const family of noteFamilies) expect(screen.getByText(`like ${family}`)).toBeVisible();
});

test("no plant of the book paints a band that is not a number", () => {
  expect(plantById("peppermint")).toBeDefined();
  for (const { shares } of bands)
    for (const share of Object.values(shares)) {
      expect(share).toBeGreaterThanOrEqual(0);
      expect(share).toBeLessThanOrEqual(1);
    }
});
