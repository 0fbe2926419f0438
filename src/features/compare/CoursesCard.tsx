import { useMemo } from "react";
import { significant } from "@/core/units/format";
import { type UnitSystem, fromCanonical, ownUnits, units as unitTable } from "@/core/units/units";
import { courseOfRun } from "@/core/learn/compareRuns";
import { t } from "@/language/t";
import { Courses, type Course } from "@/ui/charts/Courses";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { Txt } from "@/ui/primitives/Txt";
import { useKept } from "@/ui/useKept";
import { basesIn, basisOf, type Basis } from "./basis";
import type { Beside } from "./LaidTo";
import { orNothing } from "./orNothing";

type Axis = "minutes" | "litresPerKg";

/** Oil over the run, every run on one axis of the person's choice. */
export function CoursesCard({
  runs,
  basis,
  units,
}: {
  runs: readonly Beside[];
  basis: Basis;
  units: UnitSystem;
}) {
  const [axis, setAxis] = useKept<Axis>("compare/axis", "minutes");
  const courses = useMemo(
    () => runs.flatMap((each) => courseOn(each, axis, basis, units) ?? []),
    [runs, axis, basis, units],
  );
  if (courses.length === 0) return null;
  const axisUnit = ownUnits("perPlant", units)[0]!;
  const unit = basesIn(units).find(({ value }) => value === basis)!.label;
  return (
    <Card className="gap-2">
      <Txt variant="heading">{t`How the oil came`}</Txt>
      <Choice
        label={t`Over`}
        options={[
          { value: "minutes", label: t`Minutes` },
          { value: "litresPerKg", label: t`Distillate, ${unitTable[axisUnit].symbol}` },
        ]}
        value={axis}
        onChange={setAxis}
      />
      <Courses
        courses={courses}
        xUnit={
          axis === "minutes"
            ? t`minutes from the first drop`
            : t`distillate, ${unitTable[axisUnit].symbol}`
        }
        yUnit={t`visible oil, ${unit}`}
        inWords={t`Visible oil over the run, ${unit}: ${courses
          .map(({ name, points }) => t`run ${name} ends at ${significant(points.at(-1)!.y, 3)}`)
          .join(", ")}.`}
      />
      <Txt variant="small">{t`Lines are calculated, to the amount measured at the end. Rings are readings taken during the run.`}</Txt>
    </Card>
  );
}

function courseOn(
  { summary, compared }: Beside,
  axis: Axis,
  basis: Basis,
  units: UnitSystem,
): Course | undefined {
  if (!compared) return undefined;
  const { run, state } = summary;
  const { chargeG } = run.plan;
  const per = basisOf(basis, run.plan, units);
  const x = (minutes: number, distillateMl: number) =>
    axis === "minutes"
      ? minutes
      : fromCanonical(distillateMl / chargeG, ownUnits("perPlant", units)[0]!);
  const rate = compared.distillateMl / compared.minutes;
  const course = orNothing(() => courseOfRun(compared));
  if (!course) return undefined;
  return {
    name: String(run.number),
    points: course.map(({ minutes, distillateMl, oilMl }) => ({
      x: x(minutes, distillateMl),
      y: oilMl / per,
    })),
    read: state.readings.flatMap(({ at, oilMl, distillateMl }) => {
      const minutes = (Date.parse(at) - state.firstDropAt!) / 60000;
      return oilMl === undefined || minutes < 0
        ? []
        : [{ x: x(minutes, distillateMl ?? rate * minutes), y: oilMl / per }];
    }),
  };
}
