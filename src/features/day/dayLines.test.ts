import { dayNow } from "@/logbook/day/dayNow";
import { beginningOf } from "@/logbook/day/dayTimes";
import { catalogueBook } from "@/logbook/plant/plantBook";
import { sampleDay } from "@/testing/sampleDay";
import { chartCharges } from "./chartCharges";
import { dayHead, dayLines } from "./dayLines";

const stillName = (id: string) => (id === "still-a" ? "Copper pot" : "A still");
const told = { units: "metric" as const, stillName };
const linesOf = (day = sampleDay()) =>
  dayLines(
    day,
    chartCharges(day, dayNow(day, [], beginningOf(day)), { book: catalogueBook, ...told }),
    told,
  );

test("a day as lines: each load with its weight, heat on with its ice, in the order in which hands meet them", () => {
  const [charge, other] = sampleDay().charges;
  const icy = { ...charge!, on: { "still-a": { ...charge!.on["still-a"]!, iceKg: 4 } } };
  const lines = linesOf(sampleDay({ charges: [icy, other!] }));
  expect(lines.map(({ text }) => text)).toEqual([
    "Load: True lavender 1, 600 g",
    "Heat on: True lavender 1, 4.0 kg of ice",
    "First drop: True lavender 1",
    "Heat off: True lavender 1",
    "Empty and rinse: True lavender 1",
    "Load: True lavender 2, 600 g",
    "Heat on: True lavender 2",
    "First drop: True lavender 2",
    "Heat off: True lavender 2",
    "Empty and rinse: True lavender 2",
  ]);
  expect(lines.map(({ clock }) => clock).slice(0, 3)).toEqual(["7:00", "7:15", "7:45"]);
  expect(new Set(lines.map(({ key }) => key)).size).toBe(lines.length);
});

test("the head of its sheet names hands, stills, ice and fuse, and says nothing of what nobody counts", () => {
  expect(dayHead(sampleDay(), told)).toEqual(["7:00 to 21:00, 1 pair of hands, Copper pot."]);
  expect(dayHead(sampleDay({ hands: 2, iceKg: 12, mainsW: 3500 }), told)).toEqual([
    "7:00 to 21:00, 2 pairs of hands, Copper pot.",
    "12.0 kg of ice in the morning. At most 3500 W on at once.",
  ]);
});
