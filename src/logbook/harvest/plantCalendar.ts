import { noonOf } from "@/core/units/dates";
import {
  type Garden,
  type Window,
  dayOfYear,
  daysUntilOpen,
  harvestWindow,
} from "@/core/calendar/harvestWindows";
import type { KnownPlant, PlantBook } from "../plant/plantBook";
import type { RunSummary } from "../run/runSummary";
import { groupBy } from "../shelf/shelf";
import type { Harvest } from "@/records/harvest";
import type { Setting } from "@/records/setting";

/** A plant in the year, as its book has it and as one cut it oneself. */
export interface PlantInYear {
  plant: KnownPlant;
  /** When it is usually cut here; undefined where it has no season. */
  window?: Window;
  /** Days until that opens; 0 while it is open. */
  inDays?: number;
  /** Own harvests: the day of the year each was cut, the latest year's last, and the best yield that came of it. */
  own: { day: number; cutOn: string; mlPerKgDry?: number }[];
}

/** Where a person cuts, as far as they told it. */
export function gardenOf({ site, place }: Pick<Setting, "site" | "place">): Garden {
  return {
    altitudeM: site.altitudeM,
    ...(place ? { latitude: place.latitude } : {}),
  };
}

/** Every plant that has a season or was harvested before; the person's own first, then by what is near. */
export function plantCalendar(
  book: PlantBook,
  harvests: readonly Harvest[],
  summaries: readonly RunSummary[],
  garden: Garden,
  now: Date,
): PlantInYear[] {
  const today = dayOfYear(now);
  const own = ownOf(harvests, summaries);
  return book.all
    .map((plant): PlantInYear => {
      /* A plant of one's own that is like one of the book has that one's season. */
      const window = harvestWindow(plant.like, garden);
      return {
        plant,
        ...(window ? { window, inDays: daysUntilOpen(window, today) } : {}),
        own: own.get(plant.id) ?? [],
      };
    })
    .filter(({ window, own }) => window || own.length > 0)
    .sort(
      (a, b) =>
        Number(b.own.length > 0) - Number(a.own.length > 0) ||
        (a.inDays ?? 400) - (b.inDays ?? 400) ||
        a.plant.name.localeCompare(b.plant.name),
    );
}

/** Own harvests by plant, the earliest first, each with the best yield of its runs. */
function ownOf(
  harvests: readonly Harvest[],
  summaries: readonly RunSummary[],
): Map<string, PlantInYear["own"]> {
  const runsOf = groupBy(summaries, ({ run, result }) => (result ? run.harvestId : undefined));
  const byPlant = groupBy(
    [...harvests].sort((a, b) => a.cutOn.localeCompare(b.cutOn)),
    ({ plantId }) => plantId,
  );
  return new Map(
    [...byPlant].map(([plantId, those]) => [
      plantId,
      those.map(({ id, cutOn }) => {
        const yields = (runsOf.get(id) ?? []).flatMap(({ result }) => result?.mlPerKgDry ?? []);
        return {
          day: dayOfYear(noonOf(cutOn)),
          cutOn,
          ...(yields.length > 0 ? { mlPerKgDry: Math.max(...yields) } : {}),
        };
      }),
    ]),
  );
}

/* Near enough to look at the bushes. */
const nearDays = 14;

/** The person's own plants whose time is now or near, the nearest first. */
export function nearPlants(calendar: readonly PlantInYear[]): PlantInYear[] {
  return calendar
    .filter(({ own, inDays }) => own.length > 0 && inDays !== undefined && inDays <= nearDays)
    .sort((a, b) => a.inDays! - b.inDays!);
}
