import { plantById } from "@/core/plant/catalogue";
import { partOfPlant } from "@/core/care/partOfPlant";
import { productCautions } from "@/core/care/productCautions";
import { openRecord } from "@/records/migrate";
import { mixtureRecord } from "./mixture";
import { plantBook } from "./plantBook";

const at = new Date("2026-07-14T08:00:00Z");
const lavender = plantById("lavender")!;
const wintergreen = plantById("wintergreen")!;

test("a mixed charge can be kept and read again, and is warned of all that its plants are", () => {
  const record = mixtureRecord(
    [
      { plant: lavender, state: "fresh", share: 800 },
      { plant: wintergreen, state: "fresh", share: 200 },
    ],
    at,
  );
  expect(openRecord(JSON.parse(JSON.stringify(record)))).toMatchObject({ ok: true });
  const mixed = plantBook([record]).byId(record.plantId)!;
  expect(mixed).toMatchObject({ origin: "own", like: "lavender", skinMostPercent: "none" });
  expect(mixed.cautions).toEqual(
    expect.arrayContaining([...lavender.cautions, ...wintergreen.cautions]),
  );
  expect(productCautions("hydrosol", [partOfPlant(mixed, "hydrosol")])).toEqual(
    expect.arrayContaining(["poison", "notToDrink"]),
  );
});

test("what is mixed of one's own plant follows that plant's cautions", () => {
  const own = {
    ...mixtureRecord(
      [
        { plant: lavender, state: "fresh", share: 1 },
        { plant: wintergreen, state: "fresh", share: 1 },
      ],
      at,
    ),
    plantId: "own-garden",
  };
  const garden = plantBook([own]).byId("own-garden")!;
  const record = mixtureRecord(
    [
      { plant: lavender, state: "fresh", share: 9 },
      { plant: garden, state: "fresh", share: 1 },
    ],
    at,
  );
  expect(record.like).toBe("lavender");
  const twice = plantBook([record, own]).byId(record.plantId)!;
  expect(twice.cautions).toEqual(expect.arrayContaining([...wintergreen.cautions]));
});

test("a part of one's own that was deleted is still warned of as the book's plant it stood on", () => {
  const own = {
    ...mixtureRecord(
      [
        { plant: wintergreen, state: "fresh", share: 2 },
        { plant: lavender, state: "fresh", share: 1 },
      ],
      at,
    ),
    plantId: "own-garden",
  };
  const garden = plantBook([own]).byId("own-garden")!;
  expect(garden.like).toBe("wintergreen");
  const record = mixtureRecord(
    [
      { plant: lavender, state: "fresh", share: 9 },
      { plant: garden, state: "fresh", share: 1 },
    ],
    at,
  );
  expect(openRecord(JSON.parse(JSON.stringify(record)))).toMatchObject({ ok: true });
  const alone = plantBook([record]).byId(record.plantId)!;
  expect(alone.cautions).toEqual(expect.arrayContaining([...wintergreen.cautions]));
});
