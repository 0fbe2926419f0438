import { forecastRun } from "@/core/forecast/forecastRun";
import type { ForecastRequest } from "@/core/forecast/request";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { planCharges } from "@/core/plan/planCharges";
import { plantById } from "@/core/plant/catalogue";
import { massInState } from "@/core/plant/massInState";
import type { Plant } from "@/core/plant/plant";
import { fullShare } from "@/core/run/liveEstimate";
import { normalStream } from "@/core/statistics/chance";
import { randomLcg } from "d3-random";
import { asRunPlan } from "@/logbook/still/asRunPlan";
import { newCode } from "@/records/codes";
import type { Entry } from "@/records/entry";
import type { Harvest } from "@/records/harvest";
import { readyMadeStills } from "@/logbook/still/readyMadeStills";
import type { AnyRecord } from "@/records/record";
import type { Run } from "@/records/run";
import { defaultPreferences } from "@/records/setting";
import type { Still } from "@/records/still";
import { stillFigures } from "@/logbook/still/stillFigures";
import { days } from "./days";
import { keeping, sniffs, trials } from "./keeping";
import { products } from "./products";
import { looks } from "./looks";
import { season, type SeasonRun } from "./season";
import { five, minute, stamp, startOf, tenth, times } from "./stamp";

const site = { altitudeM: 320, airC: 17, waterC: 12, coolingInC: 12 };

/**
 * The demonstration's logbook: a season played through by the core, with chance from a seed. Same
 * moment and seed, same records.
 */
export function buildDemo(now: Date, seed = 7): AnyRecord[] {
  const normal = normalStream(seed);
  const [copper, steel] = readyMadeStills.map((figures, index) => ({
    ...stamp("still", `still-${index + 1}`, startOf(now, 320)),
    ...figures,
  })) as [Still, Still];
  /* The steel still was calibrated with water; the copper one stands on a small ring. */
  const stills = {
    copper: { ...copper, heat: { ...copper.heat, powerW: 2600 } },
    steel: { ...steel, heat: { ...steel.heat, efficiency: 0.93 } },
  };
  const records: AnyRecord[] = [
    stills.copper,
    stills.steel,
    {
      ...defaultPreferences(),
      ...times(startOf(now, 320)),
      site,
      prices: { currency: "€", electricityPerKWh: 0.29, gasPerKg: 2.4, oilPerMl: 1.6 },
      costs: { plantPerKg: 1.5, icePerKg: 0.4, bottleEach: 0.9, hydrosolPerL: 14 },
    },
    {
      ...stamp("measure", "measure-1", startOf(now, 290)),
      name: "Willow basket",
      massG: 455,
      plantId: "spearmint",
    },
    {
      ...stamp("measure", "measure-2", startOf(now, 140)),
      name: "Armful of tops",
      massG: 380,
      plantId: "clarysage",
    },
  ];
  /* Codes are chance of their own: a bottle more does not change the season. */
  const chance = randomLcg(seed);
  const codes: string[] = [];
  const nextCode = () => {
    const code = newCode(codes, chance);
    codes.push(code);
    return code;
  };
  season.forEach((told, index) => {
    records.push(...chargeRecords(told, index + 1, stills[told.still], now, normal, nextCode));
  });
  /* Some of today's pine still waits in its basket. */
  const pine = records.find(
    (record) => record.kind === "harvest" && record.id === "demo-harvest-30",
  );
  if (pine?.kind === "harvest") pine.massG += 1165;
  return [
    ...records,
    ...keeping(records, now, nextCode),
    ...trials(now),
    ...sniffs(now),
    ...days(now, [stills.copper, stills.steel], site),
  ];
}

type Normal = () => number;

function chargeRecords(
  told: SeasonRun,
  number: number,
  still: Still,
  now: Date,
  normal: Normal,
  nextCode: () => string,
): AnyRecord[] {
  const plant = plantById(told.plantId);
  if (!plant) throw new RangeError(`season: no plant is called ${told.plantId}`);
  const method = told.method ?? "steam";
  const stop = told.minutes ? { minutes: told.minutes } : { perKg: 1 };
  const plan = planCharges({
    still: stillFigures(still),
    plant,
    state: told.state,
    massG: told.massG,
    method,
    stop,
    site,
    charges: 1,
  });
  const expected = forecastRun(plan.request, { samples: 200, seed: number });
  const truth = playOnce(plan, normal);
  const firstDrop = truth.minutesToFirstDrop ?? 0;
  const total = firstDrop + truth.runMinutes;
  const lit = litAt(told, total, firstDrop, now, normal);
  const at = (minutes: number) => new Date(lit + minutes * minute).toISOString();
  const reachedMl = (minutes: number) => Math.max(0, (minutes - firstDrop) * truth.rateMlPerMin);
  const passed = (now.getTime() - lit) / minute;
  const cutShort = told.story === "boiledNearDry" ? 0.62 : 1;
  const end = firstDrop + truth.runMinutes * cutShort;

  const entries: Entry[] = [];
  const add = (entry: Record<string, unknown>, minutes: number) => {
    if (minutes <= passed)
      entries.push({ id: `${number}-${entries.length + 1}`, at: at(minutes), ...entry } as Entry);
  };
  add({ type: "lit" }, 0);
  add({ type: "boiling" }, truth.minutesToBoil ?? 0);
  add({ type: "firstDrop" }, firstDrop);
  /* What shows in the receiver as the oil comes over; under a drop nobody reads it. */
  const seenOf = (request: ForecastRequest) =>
    forecastRun(request, { samples: 1 }).oil.visibleAtOnceMl.p50;
  const richer = truth.oil.visibleAtOnceMl.p50 / Math.max(0.01, seenOf(plan.request));
  const seenAt = (minutes: number) => {
    const after = Math.max(0, minutes - firstDrop);
    const seen = richer * seenOf({ ...plan.request, stop: { minutes: after } });
    return seen >= 0.1 ? { oilMl: tenth(seen) } : {};
  };
  const steps = 3;
  for (let step = 1; step <= steps; step += 1) {
    const minutes = firstDrop + ((end - firstDrop) * step) / (steps + 1);
    add(
      {
        type: "reading",
        headC: tenth(truth.boilC - 0.3 + 0.15 * normal()),
        outletC: tenth(27 + 3 * step + 1.2 * normal()),
        distillateMl: five(reachedMl(minutes)),
        ...seenAt(minutes),
      },
      minutes,
    );
  }
  const jars = Math.floor(reachedMl(end) / (still.jarMl * fullShare.jar));
  for (let jar = 1; jar <= jars; jar += 1)
    add(
      { type: "jarSwapped" },
      firstDrop + (jar * still.jarMl * fullShare.jar) / truth.rateMlPerMin,
    );
  if (told.story === "boiledNearDry") {
    add(
      {
        type: "note",
        note: "Smelt of scorching. The seed had soaked up more than I thought; heat off before the element showed.",
      },
      end - 1,
    );
  }
  if (told.story !== "running") add({ type: "heatOff" }, end);
  const finished = told.story !== "running" && told.story !== "settling";
  const share = cutShort < 1 ? 0.6 : 1;
  const oilMl = Math.max(0, tenth(truth.oil.visibleMl.p50 * share));
  const hydrosolMl = five(reachedMl(end) * 0.985);
  const ph = tenth(5.1 + 0.25 * (finished ? normal() : 0));
  const made = new Date(lit + (end + 190) * minute);
  if (finished) {
    add(
      {
        type: "separated",
        oilMl,
        hydrosolMl,
        ...looks[plant.id],
        ...(told.story === "cloudyOil" ? { look: "cloudy, does not clear" } : {}),
        ph,
        ...(told.note ? { note: told.note } : {}),
      },
      end + 190,
    );
  }
  entries.sort((a, b) => a.at.localeCompare(b.at));

  const created = new Date(lit - 35 * minute);
  /* What wilts is cut the evening before. */
  const cut = told.state === "wilted" ? new Date(created.getTime() - 14.6 * 60 * minute) : created;
  const harvest: Harvest = {
    ...stamp("harvest", `harvest-${number}`, cut),
    plantId: plant.id,
    cutOn: cut.toISOString().slice(0, 10),
    place: ["lower terrace", "north hedge", "behind the barn"][number % 3],
    sky: (["sun", "cloud", "sun", "rain"] as const)[number % 4],
    dryDays: (number * 5) % 9,
    ...(told.growth ? { growth: told.growth } : {}),
    ...lain(told, plant, created),
  };
  const run: Run = {
    ...stamp("run", `run-${number}`, created),
    updatedAt: (finished ? made : now).toISOString(),
    number,
    stillId: still.id,
    stillName: still.name,
    harvestId: harvest.id,
    plantId: plant.id,
    state: told.state,
    checked: ["plant", "water", "path", "cooling", "jar", "room"],
    entries,
    plan: asRunPlan({ plan, oil: expected.oil, still, charge: 1, charges: 1 }),
  };
  if (!finished) return [harvest, run];
  return [harvest, run, ...products(run, told, { oilMl, hydrosolMl, ph, made, nextCode })];
}

/** A harvest's weight: as it was cut, and where it wilted as it lay, twice. */
function lain(
  told: SeasonRun,
  plant: Plant,
  created: Date,
): Pick<Harvest, "state" | "massG" | "weighings"> {
  if (told.state !== "wilted") return { state: told.state, massG: told.massG };
  const at = (hours: number) => new Date(created.getTime() - hours * 60 * minute).toISOString();
  const { fresh, wilted } = plant.states;
  const cutG = five(fresh && wilted ? massInState(told.massG, wilted, fresh) : told.massG);
  return {
    state: "fresh",
    massG: cutG,
    weighings: [
      { at: at(7.5), massG: five(cutG - 0.7 * (cutG - told.massG)) },
      { at: at(0.4), massG: told.massG },
    ],
  };
}

/** What really happened: the plan, with chance drawn once. */
function playOnce(plan: ChargePlan, normal: Normal): ReturnType<typeof forecastRun> {
  const seed = Math.floor(Math.abs(normal()) * 1e6) + 1;
  const request: ForecastRequest = plan.request;
  const one = forecastRun(request, { samples: 9, seed });
  /* A hundredth here and there in the heat: no stove is steady. */
  const wobble = 1 + 0.02 * normal();
  const stretch = (minutes: number | null) => (minutes === null ? null : minutes * wobble);
  return {
    ...one,
    minutesToBoil: stretch(one.minutesToBoil),
    minutesToFirstDrop: stretch(one.minutesToFirstDrop),
  };
}

/** When the run was lit: today's so that they are where the story wants them, others of a morning. */
function litAt(
  told: SeasonRun,
  totalMinutes: number,
  firstDrop: number,
  now: Date,
  normal: Normal,
): number {
  if (told.story === "settling") return now.getTime() - (totalMinutes + 47) * minute;
  if (told.story === "running") return now.getTime() - (firstDrop + 31) * minute;
  return startOf(now, told.daysAgo).getTime() + (9.2 + Math.abs(normal()) * 1.4) * 60 * minute;
}
