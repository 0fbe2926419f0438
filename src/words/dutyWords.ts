import { showIce, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { t } from "@/language/t";
import type { PlantBook } from "@/logbook/plant/plantBook";
import type { DutyDue, DutyKind } from "@/logbook/shelf/duties";
import { lotTitle } from "./lotWords";

/* What is to be done, in words; each starts with the thing to do. */
const titles: Record<DutyKind, (name: string) => string> = {
  ice: (name) => t`Freeze ice for the ${name}`,
  ranOut: (name) => t`The ${name} has run out`,
  settled: (name) => t`Draw off the ${name}`,
  secondDraw: (name) => t`Check whether more ${name} oil has separated`,
  bottle: (name) => t`Bottle the ${name}`,
  check: (name) => t`Check the ${name}`,
  bestBy: (name) => t`Use the ${name}`,
  past: (name) => t`Is the ${name} still good?`,
  descale: (name) => t`Take the scale out of ${name}`,
};

const whys: Record<DutyKind, string> = {
  ice: t`a planned run asks for it, and it takes a night`,
  ranOut: t`its place is empty`,
  settled: t`by then its fine drops have separated`,
  secondDraw: t`what had not separated yesterday may have by now`,
  bottle: t`air and light are at it until then`,
  check: t`a look, a sniff, a pH`,
  bestBy: t`its best-by is a month away`,
  past: t`its best-by is past`,
  descale: t`hard water has left its lime: boil the still with citric acid, rinse, then a water run`,
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
  const run =
    kind === "ice"
      ? t`Run ${number}, ${words(showIce(plan.iceKg ?? 0, units))} of it`
      : t`Run ${number}`;
  return {
    title: titles[kind](kind === "descale" ? stillName : (book.byId(plantId)?.name ?? plantId)),
    detail: `${run} · ${whys[kind]}`,
  };
}
