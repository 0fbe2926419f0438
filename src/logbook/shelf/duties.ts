import { isoDay, noonOf } from "@/core/units/dates";
import { addDays } from "date-fns/addDays";
import { differenceInCalendarDays } from "date-fns/differenceInCalendarDays";
import { scaleG, scaleToRemoveG } from "@/core/still/scale";
import type { Bottle, Use } from "@/records/bottle";
import type { Duty } from "@/records/duty";
import type { Lot } from "@/records/lot";
import type { Run } from "@/records/run";
import type { Setting } from "@/records/setting";
import type { PlantBook } from "../plant/plantBook";
import { runState } from "../run/runState";
import { momentOfRun } from "../run/runSummary";
import { settlingLeft } from "../run/settlingLeft";
import { judgedChecks } from "./lotChecks";
import { groupBy, notBottled, shelved, type Shelved, type Stock } from "./shelf";

export type DutyKind =
  | "ice"
  | "ranOut"
  | "settled"
  | "secondDraw"
  | "bottle"
  | "check"
  | "bestBy"
  | "past"
  | "descale";

/** What something due is of: a run, or a lot with those of its bottles that are meant. */
type DutySubject = { run: Run } | { lot: Lot; bottles: readonly Bottle[] };

/** Something the person has to do: what, of what, and when. */
export interface DutyDue {
  kind: DutyKind;
  /** The same each time it is worked out: what was said of it, and its event in a calendar, hang on it. */
  key: string;
  /** When it is due: a moment, or a day where `allDay`. */
  at: Date;
  allDay: boolean;
  of: DutySubject;
  /** When its subject was changed last: a later export of it takes the place of an earlier one. */
  changedAt: string;
}

/* A hydrosol is looked at every two months, an oil twice a year; sooner once something was found. */
const checkDays = { hydrosol: 60, oil: 182, liquor: 3 };
const uneasyDays = 14;
/* Fine drops that had not parted yet have done so by the next day. */
const secondDrawHours = 24;
const secondDrawForgottenDays = 7;
const warnDays = 30;
const emptyForgottenDays = 30;

export interface DutiesOf extends Stock {
  runs: readonly Run[];
  duties: readonly Duty[];
  site: Setting["site"];
}

/**
 * What is due, now or later, the earliest first; what was done is left out, what was put off stands at its
 * new day. What was done comes again where it is due anew after that, as a best-by that was near is past.
 */
export function dutiesDue(of: DutiesOf, now: Date, book: PlantBook): DutyDue[] {
  const said = new Map(of.duties.map((duty) => [duty.of, duty]));
  const standing = shelved(of, now, book);
  return [
    ...of.runs.flatMap((run) => ofRun(run, of.site, now, book)),
    ...toDescale(of),
    ...toBottle(of),
    ...toCheck(of, standing),
    ...toUse(standing),
    ...emptyPlaces(of, standing, now),
  ]
    .flatMap((due): DutyDue[] => {
      const told = said.get(due.key);
      if (!told) return [due];
      if (told.doneAt && isDue(due, new Date(told.doneAt))) return [];
      const until = told.putOffUntil ? new Date(told.putOffUntil) : due.at;
      return [
        {
          ...due,
          changedAt: later(told.updatedAt, due.changedAt),
          at: until > due.at ? until : due.at,
        },
      ];
    })
    .sort((a, b) => a.at.getTime() - b.at.getTime());
}

/** Whether something is due by then: a thing of a day from its morning on. */
export function isDue({ at, allDay }: Pick<DutyDue, "at" | "allDay">, by: Date): boolean {
  return allDay ? isoDay(at) <= isoDay(by) : at <= by;
}

function ofRun(run: Run, site: Setting["site"], now: Date, book: PlantBook): DutyDue[] {
  const state = runState(run.entries);
  const due = (kind: DutyKind, at: Date): DutyDue[] => [
    { kind, key: `${kind}/${run.id}`, at, allDay: false, of: { run }, changedAt: run.updatedAt },
  ];
  if (state.phase === "ready")
    return (run.plan.iceKg ?? 0) > 0 ? due("ice", new Date(run.createdAt)) : [];
  if (state.phase === "settling") {
    const { minutes, leftMinutes } = settlingLeft(run, state, site, now.getTime(), book);
    if (!Number.isFinite(minutes)) return [];
    return due("settled", new Date(now.getTime() + leftMinutes * 60000));
  }
  const { result, separatedAt, drawnOff } = state;
  if (!result?.oilMl || result.pool || separatedAt === undefined || drawnOff.length > 0) return [];
  const at = new Date(separatedAt + secondDrawHours * 3600000);
  return differenceInCalendarDays(now, at) > secondDrawForgottenDays ? [] : due("secondDraw", at);
}

/** A still in which hard water has left scale once more: due with the run that brought it there. */
function toDescale({ runs, site }: DutiesOf): DutyDue[] {
  const { hardnessMgPerL } = site;
  if (!hardnessMgPerL) return [];
  const lit = runs.filter(({ entries }) => runState(entries).litAt !== undefined);
  return [...groupBy(lit, ({ stillId }) => stillId)].flatMap(([stillId, own]) => {
    let grams = 0;
    let times = 0;
    let last: Run | undefined;
    for (const run of own.toSorted((a, b) => momentOfRun(a) - momentOfRun(b))) {
      grams += scaleG(run.plan.waterMl, hardnessMgPerL);
      if (grams < scaleToRemoveG) continue;
      grams = 0;
      times += 1;
      last = run;
    }
    if (!last) return [];
    const at = new Date(momentOfRun(last));
    const key = `descale/${stillId}/${times}`;
    return [
      { kind: "descale", key, at, allDay: true, of: { run: last }, changedAt: last.updatedAt },
    ];
  });
}

function toBottle(of: DutiesOf): DutyDue[] {
  return notBottled(of).map(({ lot }) =>
    ofLot("bottle", lot, { at: noonOf(lot.madeOn), changedAt: lot.updatedAt }),
  );
}

function toCheck(of: DutiesOf, standing: readonly Shelved[]): DutyDue[] {
  const checksOf = groupBy(of.checks, ({ lotId }) => lotId);
  const lots = new Map(standing.map(({ lot }) => [lot.id, lot]));
  return [...lots.values()].flatMap((lot): DutyDue[] => {
    const judged = judgedChecks(lot, checksOf.get(lot.id) ?? []);
    const last = judged.at(-1);
    if (last?.verdict === "throwAway") return [];
    const days = last && last.verdict !== "keep" ? uneasyDays : checkDays[lot.product];
    return [
      ofLot("check", lot, {
        key: `check/${lot.id}/${judged.length}`,
        at: addDays(noonOf(last?.on ?? lot.madeOn), days),
        changedAt: last ? last.check.updatedAt : lot.updatedAt,
      }),
    ];
  });
}

/** A lot whose first bottle comes to its best-by, or is past it: one event a lot, wherever that moves. */
function toUse(standing: readonly Shelved[]): DutyDue[] {
  const byLot = groupBy(standing, ({ lot }) => lot.id);
  return [...byLot.values()].map((those) => {
    const [{ lot, bestBy, daysLeft }] = those as [Shelved];
    const past = daysLeft < 0;
    return ofLot(past ? "past" : "bestBy", lot, {
      key: `bestBy/${lot.id}`,
      at: addDays(noonOf(bestBy), past ? 1 : -warnDays),
      bottles: those.map(({ bottle }) => bottle),
      changedAt: those.map(({ changedAt }) => changedAt).reduce(later),
    });
  });
}

/** A place that stands empty: the last bottle of a plant's oil or hydrosol was emptied, and none is left. */
function emptyPlaces(of: DutiesOf, standing: readonly Shelved[], now: Date): DutyDue[] {
  const kindOf = ({ plantId, product }: Lot) => `${plantId}-${product}`;
  const there = new Set([...standing, ...notBottled(of)].map(({ lot }) => kindOf(lot)));
  const lotOf = new Map(of.lots.map((lot) => [lot.id, lot]));
  const bottleOf = new Map(of.bottles.map((bottle) => [bottle.id, bottle]));
  const last = new Map<string, { lot: Lot; use: Use }>();
  for (const use of of.uses) {
    const lot = lotOf.get(bottleOf.get(use.bottleId ?? "")?.lotId ?? use.lotId ?? "");
    /* What was blended, or bought, is not made again by itself. */
    if (!lot || lot.origin || there.has(kindOf(lot))) continue;
    const before = last.get(kindOf(lot));
    if (!before || use.at > before.use.at) last.set(kindOf(lot), { lot, use });
  }
  return [...last.values()].flatMap(({ lot, use }) => {
    const at = new Date(use.at);
    return differenceInCalendarDays(now, at) > emptyForgottenDays
      ? []
      : [ofLot("ranOut", lot, { key: `ranOut/${use.id}`, at, changedAt: use.updatedAt })];
  });
}

function ofLot(
  kind: DutyKind,
  lot: Lot,
  {
    key = `${kind}/${lot.id}`,
    bottles = [],
    ...rest
  }: Pick<DutyDue, "at" | "changedAt"> & { key?: string; bottles?: readonly Bottle[] },
): DutyDue {
  return { kind, key, allDay: true, of: { lot, bottles }, ...rest };
}

function later(a: string, b: string): string {
  return a > b ? a : b;
}
