import { showIce, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import type { PlantBook } from "@/logbook/plant/plantBook";
import type { DutyDue, DutyKind } from "@/logbook/shelf/duties";
import { lotTitle } from "./lotWords";

/* What is to be done, in words; each starts with the thing to do. */
const titles: Record<DutyKind, (name: string) => string> = {
  ice: (name) => `Freeze ice for the ${name}`,
  ranOut: (name) => `The ${name} has run out`,
  settled: (name) => `Draw off the ${name}`,
  secondDraw: (name) => `Check whether more ${name} oil has separated`,
  bottle: (name) => `Bottle the ${name}`,
  check: (name) => `Check the ${name}`,
  bestBy: (name) => `Use the ${name}`,
  past: (name) => `Is the ${name} still good?`,
  descale: (name) => `Take the scale out of ${name}`,
};

const whys: Record<DutyKind, string> = {
  ice: "a planned run asks for it, and it takes a night",
  ranOut: "its place is empty",
  settled: "by then its fine drops have separated",
  secondDraw: "what had not separated yesterday may have by now",
  bottle: "air and light are at it until then",
  check: "a look, a sniff, a pH",
  bestBy: "its best-by is a month away",
  past: "its best-by is past",
  descale: "hard water has left its lime: boil the still with citric acid, rinse, then a water run",
};

/** Something due as a line: what to do, of what and why. */
export function dutyWords(
  { kind, of }: DutyDue,
  book: PlantBook,
  units: UnitSystem,
): { title: string; detail: string } {
  if ("lot" in of) {
    const { lot, bottles } = of;
    const codes = bottles.length > 0 ? bottles.map(({ code }) => code).join(", ") : lot.code;
    return { title: titles[kind](lotTitle(lot, book)), detail: `${codes} · ${whys[kind]}` };
  }
  const { number, plantId, plan, stillName } = of.run;
  const iceKg = kind === "ice" ? `, ${words(showIce(plan.iceKg ?? 0, units))} of it` : "";
  return {
    title: titles[kind](kind === "descale" ? stillName : (book.byId(plantId)?.name ?? plantId)),
    detail: `Run ${number}${iceKg} · ${whys[kind]}`,
  };
}
