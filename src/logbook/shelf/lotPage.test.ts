import { emptyStock } from "@/testing/emptyStock";
import { measuredRun } from "@/testing/sampleRecords";
import {
  sampleBottle,
  sampleCheck,
  sampleHarvest,
  sampleLot,
  sampleUse,
} from "@/testing/sampleShelf";
import { catalogueBook } from "../plant/plantBook";
import { lotPage } from "./lotPage";
import { shelved } from "./shelf";

const day = new Date("2026-06-01T10:00:00Z");
const run = measuredRun("run-a", 1, 4, { harvestId: "harvest-a" });
const harvest = sampleHarvest({ whose: "Ilva", theirShare: 0.5 });
const lot = sampleLot("a", { runIds: ["run-a"], volumeMl: 100 });
const at = (dayOfMonth: number) => `2026-05-${String(dayOfMonth).padStart(2, "0")}T08:00:00.000Z`;
const stock = {
  ...emptyStock,
  lots: [
    lot,
    sampleLot("water", { product: "hydrosol", runIds: ["run-a", "run-b"] }),
    sampleLot("stranger", { runIds: ["run-c"] }),
    sampleLot("bought"),
  ],
  bottles: [
    sampleBottle("full", "a", 30),
    sampleBottle("gone", "a", 20, { code: "K7Q-4MX" }),
    sampleBottle("other", "stranger", 10, { code: "K7Q-4MX" }),
  ],
  uses: [
    sampleUse("first", { bottleId: "gone", amountMl: 20, at: at(10) }),
    sampleUse("last", { lotId: "a", amountMl: 8, way: "theirs", to: "Ilva", at: at(20) }),
    sampleUse("inside", { lotId: "a", bottleId: "full", amountMl: 2, at: at(15) }),
    sampleUse("elsewhere", { bottleId: "other", amountMl: 1, at: at(12) }),
    sampleUse("of-stranger", { lotId: "stranger", amountMl: 1, at: at(12) }),
  ],
  checks: [
    sampleCheck("own", at(18), { lotId: "a" }),
    sampleCheck("not-own", at(18), { lotId: "stranger" }),
  ],
};
const page = (of = lot) =>
  lotPage(of, stock, {
    shelved: shelved(stock, day, catalogueBook),
    runs: [run],
    harvests: [harvest],
  });

test("a lot's page has its own bottles, the empty ones by their codes, and its own checks", () => {
  const { own, full, emptyCodes, checks } = page();
  expect(own.map(({ id }) => id)).toEqual(["full", "gone"]);
  expect(full.map(({ bottle }) => bottle.id)).toEqual(["full"]);
  expect(emptyCodes).toEqual(["K7Q-4MX"]);
  expect(checks.map(({ id }) => id)).toEqual(["own"]);
});

test("what was taken of it, in a bottle or in none, the last first; the rest is balanced", () => {
  const { taken, balance } = page();
  expect(taken.map(({ id }) => id)).toEqual(["last", "inside", "first"]);
  expect(balance).toMatchObject({ bottledMl: 50, takenMl: 8, openMl: 42 });
});

test("what came of the same run stands beside it, and a code that another carries is told", () => {
  expect(page().siblings.map(({ id }) => id)).toEqual(["water"]);
  expect(page(stock.lots[3]!).siblings).toEqual([]);
  expect([...page().twice].sort()).toEqual(["gone", "other"]);
});

test("its owner is owed the half, less what was handed over", () => {
  const [owner] = page().owners;
  expect(owner).toMatchObject({ name: "Ilva", shareMl: 50, handedMl: 8, leftMl: 42 });
  expect(page().owing).toHaveLength(1);
  const all = sampleUse("rest", { lotId: "a", amountMl: 42, way: "theirs", to: "Ilva" });
  const after = lotPage(
    lot,
    { ...stock, uses: [...stock.uses, all] },
    {
      shelved: [],
      runs: [run],
      harvests: [harvest],
    },
  );
  expect(after.owners).toHaveLength(1);
  expect(after.owing).toEqual([]);
});

test("a jar of a cut run tells what it holds most of; its siblings say how long the run was", () => {
  expect(page().notes).toEqual([]);
  const jar = (id: string, number: number, fromMl: number, toMl: number) =>
    sampleLot(id, { product: "hydrosol", runIds: ["run-a"], jar: { number, fromMl, toMl } });
  const [early, late] = [jar("early", 1, 0, 100), jar("late", 2, 100, 500)];
  const around = { shelved: [], runs: [run], harvests: [] };
  const both = { ...emptyStock, lots: [early, late] };
  const notes = (of: typeof early, lots = both) => lotPage(of, lots, around).notes;
  expect(notes(early).length).toBeGreaterThan(0);
  /* Alone it is taken for the whole run; beside its sibling for the first fifth of it. */
  expect(notes(early)).not.toEqual(notes(early, { ...emptyStock, lots: [early] }));
});
