import { addDays } from "date-fns/addDays";
import { fixed, noonOf } from "@/core";
import type { Duty } from "@/records/duty";
import type { Lot } from "@/records/lot";
import type { Run } from "@/records/run";
import type { Setting } from "@/records/setting";
import type { PlantBook } from "../plant/plantBook";
import { runState } from "../run/runState";
import { settlingLeft } from "../run/settlingLeft";
import { judgedChecks } from "./lotChecks";
import { lotName } from "./lotName";
import { groupBy, notBottled, shelved, type Shelved, type Stock } from "./shelf";

export type DutyKind =
  "ice" | "ranOut" | "settled" | "secondDraw" | "bottle" | "check" | "bestBy" | "past";

/** Something the person has to do: what, of what, and when. */
export interface DutyDue {
  kind: DutyKind;
  /** The same each time it is worked out: what was said of it, and its event in a calendar, hang on it. */
  key: string;
  /** When it is due: a moment, or a day where `allDay`. */
  at: Date;
  allDay: boolean;
  /** Its subject: a lot's or plant's name, and what tells it from others of it. */
  name: string;
  detail: string;
  href: string;
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
 * new day.
 */
export function dutiesDue(of: DutiesOf, now: Date, book: PlantBook): DutyDue[] {
  const said = new Map(of.duties.map((duty) => [duty.of, duty]));
  return [
    ...ofRuns(of, now, book),
    ...ofLots(of, now, book),
    ...ofBottles(of, now, book),
    ...emptyPlaces(of, now, book),
  ]
    .flatMap((due): DutyDue[] => {
      const told = said.get(due.key);
      if (told?.doneAt) return [];
      if (!told?.putOffUntil) return [due];
      const until = new Date(told.putOffUntil);
      const changedAt = told.updatedAt > due.changedAt ? told.updatedAt : due.changedAt;
      return [{ ...due, changedAt, at: until > due.at ? until : due.at }];
    })
    .sort((a, b) => a.at.getTime() - b.at.getTime());
}

function ofRuns({ runs, site }: DutiesOf, now: Date, book: PlantBook): DutyDue[] {
  return runs.flatMap((run): DutyDue[] => {
    const state = runState(run.entries);
    const common = {
      name: book.byId(run.plantId)?.name ?? run.plantId,
      detail: `Run ${run.number}`,
      allDay: false,
      changedAt: run.updatedAt,
    };
    if (state.phase === "ready" && (run.plan.iceKg ?? 0) > 0)
      return [
        {
          ...common,
          kind: "ice",
          key: `ice/${run.id}`,
          at: new Date(run.createdAt),
          detail: `Run ${run.number}, ${fixed(run.plan.iceKg ?? 0, 1)} kg of it`,
          href: `/runs/${run.id}/ready`,
        },
      ];
    if (state.phase === "settling" && state.heatOffAt !== undefined) {
      const { minutes, leftMinutes } = settlingLeft(run, state, site, now.getTime(), book);
      if (!Number.isFinite(minutes)) return [];
      return [
        {
          ...common,
          kind: "settled",
          key: `settled/${run.id}`,
          at: new Date(now.getTime() + leftMinutes * 60000),
          href: `/runs/${run.id}/separate`,
        },
      ];
    }
    const { result, separatedAt } = state;
    if (
      result?.oilMl === undefined ||
      result.oilMl === 0 ||
      result.pool ||
      separatedAt === undefined ||
      state.drawnOff.length > 0
    )
      return [];
    const at = new Date(separatedAt + secondDrawHours * 3600000);
    if (now.getTime() - at.getTime() > secondDrawForgottenDays * 86400000) return [];
    return [
      {
        ...common,
        kind: "secondDraw",
        key: `secondDraw/${run.id}`,
        at,
        href: `/runs/${run.id}`,
      },
    ];
  });
}

function ofLots(of: DutiesOf, now: Date, book: PlantBook): DutyDue[] {
  const checksOf = groupBy(of.checks, ({ lotId }) => lotId);
  const filled = new Set(shelved(of, now, book).map(({ lot }) => lot.id));
  const waiting = notBottled(of).map(({ lot }): DutyDue => ({
    kind: "bottle",
    key: `bottle/${lot.id}`,
    at: noonOf(lot.madeOn),
    allDay: true,
    name: nameOf(lot, book),
    detail: lot.code,
    href: `/shelf/${lot.id}`,
    changedAt: lot.updatedAt,
  }));
  const checks = of.lots.flatMap((lot): DutyDue[] => {
    if (!filled.has(lot.id)) return [];
    const judged = judgedChecks(lot, checksOf.get(lot.id) ?? []);
    const last = judged.at(-1);
    if (last?.verdict === "throwAway") return [];
    const uneasy = last !== undefined && last.verdict !== "keep";
    const days = uneasy ? uneasyDays : checkDays[lot.product];
    return [
      {
        kind: "check",
        key: `check/${lot.id}/${judged.length}`,
        at: addDays(noonOf(last?.on ?? lot.madeOn), days),
        allDay: true,
        name: nameOf(lot, book),
        detail: lot.code,
        href: `/shelf/${lot.id}`,
        changedAt: last ? last.check.updatedAt : lot.updatedAt,
      },
    ];
  });
  return [...waiting, ...checks];
}

/** A lot whose first bottle comes to its best-by, or is past it. */
function ofBottles(of: DutiesOf, now: Date, book: PlantBook): DutyDue[] {
  const byLot = groupBy(shelved(of, now, book), ({ lot }) => lot.id);
  return [...byLot.values()].map((those): DutyDue => {
    const [first] = those as [Shelved];
    const past = first.daysLeft < 0;
    return {
      kind: past ? "past" : "bestBy",
      /* One event a lot, wherever its best-by moves. */
      key: `bestBy/${first.lot.id}`,
      at: past ? noonOf(first.bestBy) : addDays(noonOf(first.bestBy), -warnDays),
      allDay: true,
      name: nameOf(first.lot, book),
      detail: those.map(({ bottle }) => bottle.code).join(", "),
      href: `/shelf/${first.lot.id}`,
      changedAt: those.reduce(
        (latest, { changedAt }) => (changedAt > latest ? changedAt : latest),
        "",
      ),
    };
  });
}

/** A place that stands empty: the last bottle of a plant's oil or hydrosol was emptied, and none is left. */
function emptyPlaces(of: DutiesOf, now: Date, book: PlantBook): DutyDue[] {
  const kindOf = ({ plantId, product }: Lot) => `${plantId}-${product}`;
  const full = new Set(shelved(of, now, book).map(({ lot }) => kindOf(lot)));
  const waiting = new Set(notBottled(of).map(({ lot }) => kindOf(lot)));
  const lotOf = new Map(of.lots.map((lot) => [lot.id, lot]));
  const bottleOf = new Map(of.bottles.map((bottle) => [bottle.id, bottle]));
  const last = new Map<string, { lot: Lot; use: (typeof of.uses)[number] }>();
  for (const use of of.uses) {
    const lot = lotOf.get(bottleOf.get(use.bottleId ?? "")?.lotId ?? use.lotId ?? "");
    /* What was made of it, or bought, is not made again by itself. */
    if (!lot || lot.origin || full.has(kindOf(lot)) || waiting.has(kindOf(lot))) continue;
    const before = last.get(kindOf(lot));
    if (!before || use.at > before.use.at) last.set(kindOf(lot), { lot, use });
  }
  return [...last].flatMap(([kind, { lot, use }]): DutyDue[] => {
    const at = new Date(use.at);
    if (now.getTime() - at.getTime() > emptyForgottenDays * 86400000) return [];
    return [
      {
        kind: "ranOut",
        key: `ranOut/${kind}/${use.id}`,
        at,
        allDay: true,
        name: nameOf(lot, book),
        detail: lot.code,
        href: `/shelf/${lot.id}`,
        changedAt: use.updatedAt,
      },
    ];
  });
}

function nameOf(lot: Lot, book: PlantBook): string {
  return lot.name ?? `${lotName(lot, book)} ${productNames[lot.product]}`;
}

const productNames = { oil: "oil", hydrosol: "hydrosol", liquor: "pot liquor" };
