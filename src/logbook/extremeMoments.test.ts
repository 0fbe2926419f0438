import { buildDemo } from "@/demo/buildDemo";
import { faultOf } from "@/records/migrate";
import type { AnyRecord, Kind, RecordOf } from "@/records/record";
import { defaultPreferences } from "@/records/setting";
import { harvestNow } from "./harvest/harvestNow";
import { catalogueBook } from "./plant/plantBook";
import { knownOfPlant } from "./learn/knownOfPlant";
import { sniffSoFar } from "./learn/sniffSoFar";
import { summarise } from "./run/runSummary";
import { dutiesDue } from "./shelf/duties";
import { keepingRuleOf } from "./shelf/keepingRuleOf";
import { seasonOf, yearsOf } from "./shelf/season";
import { shelved } from "./shelf/shelf";
import { trialSoFar } from "./trial/trialSoFar";

const now = new Date("2026-10-03T14:00:00Z");
const demo = buildDemo(now);

/* Ends of what a moment and a day may be. */
const extremes = [
  { moment: "9999-12-31T23:59:59.000Z", day: "9999-12-31" },
  { moment: "0001-01-01T00:00:00.000Z", day: "0001-01-01" },
];
const isMoment = /^\d{4}-\d\d-\d\dT/;
const isDay = /^\d{4}-\d\d-\d\d$/;

/** Every moment and every day in a record, at any depth, as another one. */
function moved<T>(value: T, to: (typeof extremes)[number]): T {
  if (typeof value === "string")
    return (isMoment.test(value) ? to.moment : isDay.test(value) ? to.day : value) as T;
  if (Array.isArray(value)) return value.map((each) => moved(each, to)) as T;
  if (typeof value === "object" && value !== null)
    return Object.fromEntries(
      Object.entries(value).map(([name, field]) => [name, moved(field as unknown, to)]),
    ) as T;
  return value;
}

/** All that the screens derive from a whole logbook. */
function derive(records: readonly AnyRecord[]): void {
  const of = <K extends Kind>(kind: K) =>
    records.filter((record): record is RecordOf<K> => record.kind === kind);
  const preferences = of("setting")[0] ?? defaultPreferences();
  const [runs, harvests, stills] = [of("run"), of("harvest"), of("still")];
  const stock = {
    bottles: of("bottle"),
    lots: of("lot"),
    uses: of("use"),
    checks: of("check"),
    rule: keepingRuleOf(preferences),
  };
  for (const { daysLeft } of shelved(stock, now, catalogueBook))
    expect(Number.isFinite(daysLeft)).toBe(true);
  for (const { at } of dutiesDue(
    { ...stock, runs, duties: of("duty"), site: preferences.site },
    now,
    catalogueBook,
  ))
    expect(Number.isNaN(at.getTime())).toBe(false);
  const from = {
    ...stock,
    runs,
    harvests,
    preferences,
    stillOf: (id: string) => stills.find((still) => still.id === id),
  };
  for (const year of yearsOf(from).slice(0, 3)) seasonOf(year, from, now, catalogueBook);
  for (const harvest of harvests) harvestNow(harvest, [], catalogueBook);
  for (const sniff of of("sniff")) sniffSoFar(sniff);
  for (const trial of of("trial")) trialSoFar(trial, runs, catalogueBook);
  const summaries = runs.map((run) => summarise(run, catalogueBook));
  knownOfPlant("clarysage", summaries, of("trial"), catalogueBook);
}

/* Walked day by day, eight thousand years would never end: that these tests end is what they say. */
test.each(extremes)(
  "a logbook with all of a kind's moments at $day is told like any other",
  (to) => {
    for (const kind of new Set(demo.map((record) => record.kind))) {
      const records = demo.map((record) => (record.kind === kind ? moved(record, to) : record));
      expect(records.map(faultOf).filter(Boolean)).toEqual([]);
      derive(records);
    }
  },
);
