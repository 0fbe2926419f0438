import { useMemo } from "react";
import { significant } from "@/core/units/format";
import { courseOfRun } from "@/core/learn/compareRuns";
import { Courses, type Course } from "@/ui/charts/Courses";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { Txt } from "@/ui/primitives/Txt";
import { useKept } from "@/ui/useKept";
import { bases, basisOf, type Basis } from "./basis";
import type { Beside } from "./LaidTo";
import { orNothing } from "./orNothing";

type Axis = "minutes" | "litresPerKg";
const axes: { value: Axis; label: string }[] = [
  { value: "minutes", label: "Minutes" },
  { value: "litresPerKg", label: "L of distillate a kg" },
];

/** Oil over the run, every run on one axis of the person's choice. */
export function CoursesCard({ runs, basis }: { runs: readonly Beside[]; basis: Basis }) {
  const [axis, setAxis] = useKept<Axis>("compare/axis", "minutes");
  const courses = useMemo(
    () => runs.flatMap((each) => courseOn(each, axis, basis) ?? []),
    [runs, axis, basis],
  );
  if (courses.length === 0) return null;
  const unit = bases.find(({ value }) => value === basis)!.label;
  return (
    <Card className="gap-2">
      <Txt variant="heading">How the oil came</Txt>
      <Choice label="Over" options={axes} value={axis} onChange={setAxis} />
      <Courses
        courses={courses}
        xUnit={
          axis === "minutes" ? "minutes from the first drop" : "L of distillate a kg of charge"
        }
        yUnit={`oil to see, ${unit}`}
        inWords={`Oil to see over the run, ${unit}: ${courses
          .map(({ name, points }) => `run ${name} ends at ${significant(points.at(-1)!.y, 3)}`)
          .join(", ")}.`}
      />
      <Txt variant="small">
        The lines are the model&apos;s, drawn to what was measured at the end; the rings are what
        was read on the way.
      </Txt>
    </Card>
  );
}

function courseOn({ summary, compared }: Beside, axis: Axis, basis: Basis): Course | undefined {
  if (!compared) return undefined;
  const { run, state } = summary;
  const { chargeG, moisture } = run.plan;
  const per = basisOf(basis, chargeG, moisture);
  const x = (minutes: number, distillateMl: number) =>
    axis === "minutes" ? minutes : distillateMl / chargeG;
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
