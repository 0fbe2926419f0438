import { act, fireEvent, screen, within } from "@testing-library/react";
import mockPapa from "papaparse";
import { catalogueBook } from "@/logbook/plant/plantBook";
import { defaultPreferences } from "@/records/setting";
import type { AnyRecord } from "@/records/record";
import type { Check } from "@/records/check";
import type { Bottle } from "@/records/bottle";
import type { Lot } from "@/records/lot";
import type { Shelved } from "@/logbook/shelf/shelf";
import { renderWith } from "@/testing/renderWith";
import { sampleBottle, sampleCheck as checkAt, sampleLot } from "@/testing/sampleShelf";
import { FillSheet } from "./FillSheet";
import { IdentityCard } from "./IdentityCard";
import { DrinkLine, GraveCautions, ProductCautions } from "./ProductCautions";
import { SellingCard } from "./SellingCard";

/* The worker's own parser, on the page's thread. */
jest.mock("@/workers/csvClient", () => ({
  parseCsv: async (text: string) => {
    const [header = [], ...rows] = mockPapa.parse<string[]>(text, { skipEmptyLines: true }).data;
    return { header, rows };
  },
}));

const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const press = (name: string | RegExp) =>
  act(async () => {
    fireEvent.click(screen.getByRole("button", { name }));
    await Promise.resolve();
  });
const plant = catalogueBook.byId("lavender")!;
const oil = sampleLot("a", { code: "K7Q-4MX" });
const allChecks = (store: ReturnType<typeof renderWith>["store"]) =>
  Object.values(store.getState().check.entities) as Check[];

describe("whether an oil is what it should be", () => {
  const open = (records: AnyRecord[] = [oil]) =>
    renderWith(<IdentityCard lot={oil} plant={plant} checks={[]} />, records);

  test("what was let down with a fatty oil is called out as it is typed, and kept", async () => {
    const { store } = open();
    await press("Measure it");
    await press("Save what was measured");
    expect(screen.getByText(/at least one figure/)).toBeVisible();
    type("Density, water is 1", "0.914");
    type("Refractive index", "1.4675");
    const sheet = within(screen.getByRole("dialog"));
    expect(sheet.getByText(/not as this oil should be/)).toBeVisible();
    expect(sheet.getByText(/greasy spot/)).toBeVisible();
    await press("Save what was measured");
    expect(allChecks(store)).toMatchObject([
      { lotId: "a", densityGPerMl: 0.914, refractiveIndex: 1.4675 },
    ]);
  });

  test("a figure that cannot be is said at its field, and nothing is kept", async () => {
    const { store } = open();
    await press("Measure it");
    type("Refractive index", "14");
    await press("Save what was measured");
    expect(
      screen.getByText(/Refractive index/, { selector: "[role=alert], [role=alert] *" }),
    ).toBeVisible();
    expect(allChecks(store)).toHaveLength(0);
  });

  test("a laboratory's table is read, what it names otherwise is told, and it can become the plan's make-up", async () => {
    const { store } = open();
    await press("Measure it");
    const csv =
      "Compound,RT,Area %\nLinalool,12.1,31.5\nLinalyl acetate,15,36.2\n1.8-Cineole,9,1.2\nPeak 7,20,2.0\nTotal,,70.9\n";
    const input = screen.getByLabelText("Chromatogram file");
    Object.defineProperty(input, "files", {
      value: [{ name: "gc.csv", size: csv.length, text: async () => csv }],
    });
    await act(async () => void fireEvent.change(input));
    expect(screen.getByText(/3 compounds read; not known by name: Peak 7 \(2 %\)/)).toBeVisible();
    await press("Save what was measured");
    const [check] = allChecks(store);
    expect(check!.shares).toMatchObject({ linalool: 0.315, linalylAcetate: 0.362, cineole: 0.012 });
  });

  test("a saved chromatogram teaches the plant", async () => {
    const shares = { linalool: 0.32, linalylAcetate: 0.36, terpinen4ol: 0.05, caryophyllene: 0.05 };
    const check = {
      ...sampleCheck("c"),
      shares,
    };
    const { store } = renderWith(<IdentityCard lot={oil} plant={plant} checks={[check]} />, [
      oil,
      check,
    ]);
    expect(screen.getByText(/as this oil should be, by what was measured/)).toBeVisible();
    await press("Plan True lavender with this make-up");
    expect(Object.values(store.getState().material.entities)).toMatchObject([
      { plantId: "lavender", own: { composition: shares } },
    ]);
  });

  test("a table without shares changes nothing and says what it needs", async () => {
    const { store } = open();
    await press("Measure it");
    const input = screen.getByLabelText("Chromatogram file");
    Object.defineProperty(input, "files", {
      value: [{ name: "gc.csv", size: 20, text: async () => "Name,Note\nLinalool,much\n" }],
    });
    await act(async () => void fireEvent.change(input));
    expect(screen.getByText(/gc\.csv was not taken in\. No column of shares/)).toBeVisible();
    expect(allChecks(store)).toHaveLength(0);
  });
});

function sampleCheck(id: string): Check {
  return {
    kind: "check",
    id,
    version: 1,
    createdAt: "2026-07-20T10:00:00.000Z",
    updatedAt: "2026-07-20T10:00:00.000Z",
    lotId: "a",
    at: "2026-07-20T10:00:00.000Z",
  };
}

describe("filling a water", () => {
  const water = sampleLot("w", { product: "hydrosol", code: "7H9-E3M", ph: 6.2, volumeMl: 500 });
  const open = () => {
    const opened = renderWith(
      <FillSheet lot={water} openMl={500} owing={[]} onClose={() => undefined} />,
      [water],
    );
    fireEvent.click(screen.getByRole("button", { name: /How clean, and what was added/ }));
    return opened;
  };
  const span = () => screen.getByText(/A rule, not a promise/).textContent ?? "";
  const bottles = (store: ReturnType<typeof renderWith>["store"]) =>
    Object.values(store.getState().bottle.entities) as Bottle[];

  test("hot into a boiled bottle it keeps longer, in an open bowl days, and the bottle says how it was filled", async () => {
    const { store } = open();
    expect(span()).toMatch(/^A rule, not a promise: [34] months/);
    fireEvent.click(screen.getByRole("radio", { name: "Hot, boiled bottle" }));
    expect(span()).toMatch(/: [678] months/);
    fireEvent.click(screen.getByRole("radio", { name: "Open, by hand" }));
    expect(span()).toMatch(/: 10 days/);
    await press("Add to shelf");
    expect(bottles(store)).toMatchObject([{ filling: "open" }]);
  });

  test("a preservative that cannot work at its pH is said, and the best-by stays that of an unpreserved water", async () => {
    const { store } = open();
    fireEvent.change(screen.getByLabelText("Preservative"), { target: { value: "sorbate" } });
    await press("Add to shelf");
    expect(screen.getByText(/Say how much was added/)).toBeVisible();
    expect(bottles(store)).toHaveLength(0);
    type("How much of it", "0.2");
    expect(screen.getByText(/does nothing above pH 5\.5/)).toBeVisible();
    expect(span()).toMatch(/: [34] months/);
    await press("Add to shelf");
    expect(bottles(store)).toMatchObject([{ preserved: { with: "sorbate", percent: 0.2 } }]);
  });

  test("a share that cannot be read stops the proposed bottles too, and is forgotten with its preservative", async () => {
    const { store } = open();
    const preservative = screen.getByLabelText("Preservative");
    fireEvent.change(preservative, { target: { value: "sorbate" } });
    type("How much of it", "some");
    await press("Add to shelf");
    expect(screen.getByText(/Say how much was added/)).toBeVisible();
    fireEvent.change(preservative, { target: { value: "" } });
    await press("Add to shelf");
    expect(bottles(store)).toHaveLength(1);
    expect(bottles(store)[0]).not.toHaveProperty("preserved");
  });
});

describe("what a buyer has to be told", () => {
  test("allergens, marks, batch and maker, as a draft", () => {
    renderWith(<SellingCard lot={oil} name="True lavender oil" />, [
      oil,
      sampleBottle("b", "a", 10),
      { ...defaultPreferences(), maker: { name: "Kestrel Lane", address: "Mill path 3" } },
    ]);
    fireEvent.click(screen.getByRole("button", { name: /If you sell it/ }));
    expect(screen.getAllByText(/^linalyl acetate 38 %, linalool 34 %/)).toHaveLength(2);
    expect(screen.getByText(/^Warning: exclamation mark, fish and tree\./)).toBeVisible();
    expect(screen.getByText("Kestrel Lane, Mill path 3")).toBeVisible();
    expect(screen.getByText("K7Q-4MX")).toBeVisible();
    expect(screen.getByText(/Have it checked before you sell/)).toBeVisible();
  });

  test("a water is named with what is dissolved in it alone", () => {
    const water = sampleLot("w", { product: "hydrosol" });
    renderWith(<SellingCard lot={water} name="True lavender hydrosol" />, [water]);
    fireEvent.click(screen.getByRole("button", { name: /If you sell it/ }));
    expect(screen.getAllByText(/^linalool 0\.0/).length).toBeGreaterThan(0);
    expect(screen.queryByText(/exclamation/)).toBeNull();
  });
});

describe("whether a water may be drunk", () => {
  const nothing = { full: [], checks: [] };
  const said = (part: Partial<Lot>, page: Parameters<typeof DrinkLine>[0]["page"] = nothing) => {
    const lot = sampleLot("w", { product: "hydrosol", ...part });
    const { unmount } = renderWith(
      <>
        <GraveCautions lot={lot} />
        <ProductCautions lot={lot} />
        <DrinkLine lot={lot} page={page} />
      </>,
      [lot],
    );
    const text = document.body.textContent;
    unmount();
    return text;
  };

  test("is said once of each plant's: of a poison not, by the spoonful where no limit speaks against it", () => {
    expect(said({ plantId: "pennyroyal" })).toMatch(/Not to drink/);
    expect(said({ plantId: "rose" })).toMatch(/spoonful/);
    for (const { id } of catalogueBook.all)
      expect([
        id,
        said({ plantId: id }).match(/To drink\?|Not to drink|By the spoonful/g)?.length,
      ]).toEqual([id, 1]);
  });

  test("no spoonful of a plant that nobody knows, of what is spoilt, old or preserved, or of pot liquor", () => {
    const bottle = sampleBottle("w1", "w", 80);
    const lot = sampleLot("w", { product: "hydrosol" });
    const standing = (part: Partial<Bottle>, daysLeft = 60) => ({
      ...nothing,
      full: [{ bottle: { ...bottle, ...part }, lot, daysLeft } as Shelved],
    });
    const sour = checkAt("c", "2026-06-01T08:00:00Z", { smell: "sour", lotId: "w" });
    expect(said({})).toMatch(/To drink\? It is not known|By the spoonful/);
    expect(said({ plantId: "nobody-knows" })).toMatch(/Not every plant in it is known/);
    expect(said({}, { ...nothing, checks: [sour] })).toMatch(/throw it away/);
    expect(said({}, standing({ preserved: { with: "alcohol", percent: 12 } as never }))).toMatch(
      /A preservative is in it/,
    );
    expect(said({}, standing({}, -1))).toMatch(/Its best-by is past/);
    expect(said({}, standing({}))).not.toMatch(/Its best-by is past/);
    expect(said({ product: "liquor" })).toMatch(/boiled long with the plant|Not to drink/);
    expect(said({ product: "oil" })).not.toMatch(/To drink/);
  });
});
