import { middleDraw } from "../forecast/draws";
import { forecastRun } from "../forecast/forecastRun";
import type { ForecastRequest } from "../forecast/request";
import { runModel } from "../forecast/runModel";
import { simulate } from "../forecast/simulate";
import { firstWhere } from "../numeric/firstWhere";
import { familyOf, noteFamilies, type NoteFamily } from "../plant/noteFamilies";

type Shares = Record<NoteFamily, number>;

/** One stretch of the distillate, and how the oil in it smells: shares of the families, by mass. */
export interface NoteBand {
  fromMl: number;
  toMl: number;
  shares: Shares;
}

/** A jar of a run that is cut: its oil, and what it holds more of than the whole does. */
export interface CutJar {
  fromMl: number;
  toMl: number;
  /** Visible oil once it has settled, mL. */
  oilMl: number;
  hydrosolMl: number;
  /** Families it holds most of, those it is richer in than the whole first. */
  mostly: NoteFamily[];
}

/** Which notes of a run come when, by its middle run. Right to a third, not to the per cent: for words and bars. */
export interface Notes {
  distillateMl: number;
  bands: NoteBand[];
  jars: CutJar[];
  /** Share of the oil that is over once so much distillate is, 0 to 1. */
  shareAt: (ml: number) => number;
  /** What the oil between two volumes of distillate is richer in than the whole, then what it holds most of. */
  mostly: (fromMl: number, toMl: number) => NoteFamily[];
}

/* Heads, middle and tail as distillers usually cut: at about so much of the oil. */
export const usualCuts = [0.15, 0.75] as const;
const bandCount = 24;
/* A family that is less than this of a jar is not what the jar smells of. */
const leastShare = 0.06;
/* Richer than the whole by less than this nobody would notice. */
const noticeable = 1.15;

/**
 * The notes of a run over its distillate, and the jars it would make if it were cut at such shares of
 * its oil. Empty where nothing comes over.
 * @param cuts shares of the oil, 0 to 1; others make no cut
 * @throws RangeError as forecastRun
 */
export function notesOfRun(request: ForecastRequest, cuts: readonly number[] = usualCuts): Notes {
  const model = runModel(request);
  const { course, rateMlPerMin, runMinutes, distillateMl, distilledMl } = simulate(
    model,
    middleDraw(model),
  );
  const { ids } = model.material.parts;
  if (!(distilledMl > 0 && rateMlPerMin > 0))
    return { distillateMl: 0, bands: [], jars: [], shareAt: () => 0, mostly: () => [] };
  const between = (from: number, to: number): Shares => {
    const [before, after] = [course.over(from), course.over(to)];
    return sharesOf(
      ids,
      after.map((grams, i) => Math.max(0, grams - before[i]!)),
    );
  };
  const bands = Array.from({ length: bandCount }, (_, i) => {
    const [from, to] = [(runMinutes * i) / bandCount, (runMinutes * (i + 1)) / bandCount];
    return { fromMl: from * rateMlPerMin, toMl: to * rateMlPerMin, shares: between(from, to) };
  });
  const cutsMl = cuts
    .filter((share) => share > 0 && share < 1)
    .map(
      (share) =>
        rateMlPerMin * firstWhere([0, runMinutes], (t) => course.overMl(t) >= share * distilledMl),
    );
  const whole = between(0, runMinutes);
  const jars = forecastRun({ ...request, cutsMl }, { samples: 1 }).cuts.map(
    ({ fromMl, toMl, visibleMl, composition }): CutJar => ({
      fromMl,
      toMl,
      oilMl: visibleMl,
      hydrosolMl: toMl - fromMl,
      mostly: mostlyOf(sharesOf(Object.keys(composition), Object.values(composition)), whole),
    }),
  );
  const shareAt = (ml: number) =>
    course.overMl(Math.min(runMinutes, Math.max(0, ml / rateMlPerMin))) / distilledMl;
  const mostly = (fromMl: number, toMl: number) =>
    mostlyOf(between(fromMl / rateMlPerMin, Math.min(runMinutes, toMl / rateMlPerMin)), whole);
  return { distillateMl, bands, jars, shareAt, mostly };
}

/** Families that a stretch of the run smells of most, from this much distillate on; at most three. */
export function notesAt({ bands }: Pick<Notes, "bands">, ml: number): NoteFamily[] {
  const band = bands.findLast(({ fromMl }) => fromMl <= ml) ?? bands[0];
  if (!band) return [];
  return noteFamilies
    .filter((family) => band.shares[family] >= leastShare)
    .sort((a, b) => band.shares[b] - band.shares[a])
    .slice(0, 3);
}

function sharesOf(ids: readonly string[], amounts: ArrayLike<number>): Shares {
  const shares = Object.fromEntries(noteFamilies.map((family) => [family, 0])) as Shares;
  let total = 0;
  ids.forEach((id, i) => {
    const family = familyOf[id];
    total += amounts[i]!;
    if (family) shares[family] += amounts[i]!;
  });
  if (total > 0) for (const family of noteFamilies) shares[family] /= total;
  return shares;
}

/** What a jar is richer in first, by how much of it there is; then what it holds most of. At most three. */
function mostlyOf(jar: Shares, whole: Shares): NoteFamily[] {
  const there = noteFamilies.filter((family) => jar[family] >= leastShare);
  const gain = (family: NoteFamily) => jar[family] / Math.max(1e-9, whole[family]);
  const richer = there
    .filter((family) => gain(family) >= noticeable)
    .sort((a, b) => jar[b] * gain(b) - jar[a] * gain(a));
  const most = [...there].sort((a, b) => jar[b] - jar[a]);
  return [...new Set([...richer, ...most])].slice(0, 3);
}
