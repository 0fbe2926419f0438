import { fireEvent, screen } from "@testing-library/react";
import type { Lot } from "@/records/lot";
import type { AnyRecord } from "@/records/record";
import { defaultPreferences } from "@/records/setting";
import { renderWith } from "@/testing/renderWith";
import { entryAt, sampleRun, sampleStill } from "@/testing/sampleRecords";
import { sampleBottle, sampleHarvest, sampleLot, sampleUse } from "@/testing/sampleShelf";
import { wayOf } from "@/words/bottleWords";
import { CostCard } from "./CostCard";
import { LineCard } from "./LineCard";
import { GraveCautions, ProductCautions } from "./ProductCautions";
import { SeasonScreen } from "./SeasonScreen";
import { SkinCard } from "./SkinCard";

const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

test("what became of an amount is told once, where nobody said what for", () => {
  expect(wayOf({ way: "gift", purpose: "a neighbour" })).toBe("Given away");
  expect(wayOf({ way: "theirs", purpose: "handed to its owner" })).toBeUndefined();
  expect(wayOf({ purpose: "soap" })).toBeUndefined();
});

describe("on skin", () => {
  const lot = sampleLot("a");

  test("drops and grams for a share and a batch, by the oil's own density", () => {
    renderWith(<SkinCard lot={lot} />, [lot]);
    expect(screen.getByRole("status")).toHaveTextContent(
      /^1\.00 g of oil, about 2[23] drops, in 99\.0 g of the rest\.$/,
    );
    type("Finished batch", "50");
    expect(screen.getByRole("status")).toHaveTextContent(/^0\.500 g of oil, about 11 drops/);
    type("Share of oil", "lots");
    expect(screen.getByText(/is not a number/)).toBeVisible();
  });

  test("more than the cautious maximum is said, and whose skin it is counts", () => {
    renderWith(<SkinCard lot={lot} />, [lot]);
    type("Share of oil", "2");
    expect(screen.getByRole("status")).toHaveTextContent(/^2\.00 g of oil/);
    fireEvent.click(screen.getByRole("radio", { name: "The face" }));
    expect(screen.getByRole("status")).toHaveTextContent(
      "Too much: 1 % is the usual cautious maximum.",
    );
  });

  test("a blend is held to the part that allows the least; its own dropper counts the drops", () => {
    const blend = sampleLot("mix", { origin: "blend", name: "Evening", volumeMl: 10 });
    const strict = sampleLot("b", { plantId: "lemongrass" });
    const parts = [
      sampleUse("u1", { lotId: "a", amountMl: 4, way: "blended", intoLotId: "mix" }),
      sampleUse("u2", { lotId: "b", amountMl: 6, way: "blended", intoLotId: "mix" }),
    ];
    renderWith(<SkinCard lot={blend} />, [
      lot,
      strict,
      blend,
      ...parts,
      { ...defaultPreferences(), dropsPerMl: 40 },
    ]);
    type("Share of oil", "2");
    expect(screen.getByRole("status")).toHaveTextContent(/by the part that allows the least/);
    type("Share of oil", "0.5");
    expect(screen.getByRole("status")).toHaveTextContent(/about 2[23] drops/);
  });
});

describe("where it came from and went", () => {
  const run = { ...sampleRun([entryAt(0, { type: "lit" })]), harvestId: "harvest-a" };
  const records: AnyRecord[] = [
    sampleHarvest({ plantId: "lavender" }),
    run,
    sampleLot("a", { runIds: [run.id] }),
    sampleBottle("a1", "a", 30),
    sampleUse("u1", {
      bottleId: "a1",
      amountMl: 4,
      way: "gift",
      purpose: "a gift",
      to: "next door",
    }),
  ];

  test("a line goes from the harvest to whoever has the bottle, each step a link where it has a page", () => {
    renderWith(<LineCard lot={sampleLot("a", { runIds: [run.id] })} />, records);
    expect(screen.getByRole("link", { name: /^Run 1/ })).toHaveAttribute("href", "/runs/run-a");
    expect(screen.getByText(/^Harvest of /)).toBeVisible();
    expect(screen.getByText("Bottle code-a1")).toBeVisible();
    expect(screen.getByText("Given away: a gift")).toBeVisible();
    expect(screen.getByText(/next door$/)).toBeVisible();
  });

  test("of a run that is not here any more, and of what was bought, it says so", () => {
    renderWith(<LineCard lot={sampleLot("a", { runIds: ["gone"] })} />, [
      sampleLot("a", { runIds: ["gone"] }),
    ]);
    expect(screen.getByText("Its run is not in this logbook any more.")).toBeVisible();
    renderWith(<LineCard lot={sampleLot("b", { origin: "bought" })} />, [
      sampleLot("b", { origin: "bought" }),
    ]);
    expect(screen.getByText("Bought, or got from elsewhere.")).toBeVisible();
  });
});

describe("costs and the season", () => {
  const run = sampleRun([
    entryAt(0, { type: "lit" }),
    entryAt(20, { type: "firstDrop" }),
    entryAt(120, { type: "heatOff" }),
    entryAt(400, { type: "separated", oilMl: 4, hydrosolMl: 500 }),
  ]);
  const oil = sampleLot("oil", { runIds: [run.id], volumeMl: 4 });
  const water = sampleLot("water", { runIds: [run.id], product: "hydrosol", volumeMl: 500 });
  const money = (hydrosolPerL?: number): AnyRecord => ({
    ...defaultPreferences(),
    prices: { currency: "€", oilPerMl: 2 },
    costs: { plantPerKg: 10, ...(hydrosolPerL === undefined ? {} : { hydrosolPerL }) },
  });

  test("without a price nothing stands there; with one the oil carries it, until hydrosol has a worth", () => {
    const { unmount } = renderWith(<CostCard lot={oil} />, [run, oil, water, sampleStill()]);
    expect(screen.queryByText("What it cost")).not.toBeInTheDocument();
    unmount();
    const second = renderWith(<CostCard lot={oil} />, [run, oil, water, sampleStill(), money()]);
    expect(screen.getAllByText("€7.00").length).toBeGreaterThan(0);
    expect(screen.getByText("€1.75")).toBeVisible();
    second.unmount();
    renderWith(<CostCard lot={water} />, [run, oil, water, sampleStill(), money(16)]);
    expect(screen.getByText(/It carries 50 % of what its run cost/)).toBeVisible();
  });

  test("a year is told plant by plant; a year before can be looked at; an empty one says so", () => {
    const before = {
      ...sampleRun(
        run.entries.map((entry) => ({ ...entry, at: entry.at.replace("2026", "2025") })),
        "run-b",
      ),
      createdAt: "2025-05-04T08:00:00.000Z",
    };
    renderWith(<SeasonScreen />, [run, before, oil, sampleStill(), money()]);
    expect(screen.getByRole("heading", { name: /^Season 2026/ })).toBeVisible();
    expect(screen.getByText("5.71 mL/kg")).toBeVisible();
    expect(screen.getByText(/as the year before/)).toBeVisible();
    expect(screen.getByText("€7.00")).toBeVisible();
    fireEvent.click(screen.getByRole("radio", { name: "2025" }));
    expect(screen.getByRole("heading", { name: /^Season 2025/ })).toBeVisible();
    expect(screen.queryByText(/the year before/)).not.toBeInTheDocument();
  });

  test("a logbook without a run has a season without one", () => {
    renderWith(<SeasonScreen />, []);
    expect(screen.getByText("Nothing was distilled in this year.")).toBeVisible();
    expect(
      screen.getByText(/Tell on the bench what plant, energy and your hours cost/),
    ).toBeVisible();
  });
});

function AllCautions({ lot }: { lot: Lot }) {
  return (
    <>
      <GraveCautions lot={lot} />
      <ProductCautions lot={lot} />
    </>
  );
}

test("a poisonous water says so on its lot, and a blend says what every part of it is warned of", () => {
  const water = sampleLot("w", { plantId: "pennyroyal", product: "hydrosol" });
  const { unmount } = renderWith(<AllCautions lot={water} />, [water]);
  expect(screen.getByText(/^Not to drink/)).toBeVisible();
  expect(screen.getByText(/^Poisonous/)).toBeVisible();
  expect(screen.getByText("Not for children under six.")).toBeVisible();
  unmount();
  const blend = sampleLot("mix", { origin: "blend", name: "Evening", volumeMl: 10 });
  const parts = [sampleLot("a"), sampleLot("b", { plantId: "wintergreen" })];
  const uses = parts.map(({ id }) =>
    sampleUse(`u-${id}`, { lotId: id, amountMl: 5, way: "blended", intoLotId: "mix" }),
  );
  renderWith(<AllCautions lot={blend} />, [blend, ...parts, ...uses]);
  expect(screen.getByText("Not on skin at all.")).toBeVisible();
});
