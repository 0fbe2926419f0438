import { useEffect, useState } from "react";
import { fixed, significant, yieldRange, yieldUnit } from "@/core/units/format";
import { preparationOf } from "@/core/plant/preparation";
import type { Percentiles } from "@/core/statistics/chance";
import { t } from "@/language/t";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { knownRequest } from "@/logbook/run/knownRequest";
import { seenOf } from "@/logbook/run/seenOf";
import type { RunState } from "@/logbook/run/runState";
import type { FitAnswer, FitQuestion } from "@/messages/fitMessages";
import type { Material } from "@/records/material";
import type { Run } from "@/records/run";
import { changeFigures } from "@/store/acts/changeFigures";
import { useAppDispatch, useUnits } from "@/store/hooks";
import { Fan } from "@/ui/charts/Fan";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Facts } from "@/ui/primitives/Facts";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { fit } from "@/workers/fitClient";

/* One reading of the oil teaches no more than the yield does. */
const leastReadings = 2;
/* The heat is turned down within so many minutes of the first drop. */
const settledIn = 5;
/* Misses beyond this many deviations: the model is not this run. */
const badMisfit = 3;

/** What this run's own readings of the oil say of its plant, to be taken over by the person. */
export function FitCard({ run, state, plant }: { run: Run; state: RunState; plant: KnownPlant }) {
  const dispatch = useAppDispatch();
  const units = useUnits();
  const question = questionOf(run, state);
  const asked = question && JSON.stringify(question);
  const [answer, setAnswer] = useState<FitAnswer>();
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    if (!asked) return;
    let current = true;
    fit(JSON.parse(asked) as FitQuestion).then(
      (next) => current && setAnswer(next),
      () => current && setFailed(true),
    );
    return () => {
      current = false;
    };
  }, [asked]);
  if (!question || !plant.states[run.state]) return null;
  if (failed)
    return <Notice severity="caution" message={t`The readings could not be fitted here.`} />;
  if (!answer) return <Txt variant="small">{t`Fitting the readings …`}</Txt>;
  const { parameters, curve, misfit } = answer;
  const { content, freeShare, releasePerMinute } = figuresOf(parameters, run, plant);
  const measured = question.readings.flatMap((reading) =>
    "oilMl" in reading ? [{ minutes: reading.minutes, value: reading.oilMl }] : [],
  );
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`What its readings teach`}</Txt>
      <Fan
        fan={curve.map(({ minutes, oilMl }) => ({ minutes, ...oilMl }))}
        unit={t`mL of visible oil`}
        measured={measured}
        inWords={t`A curve through ${measured.length} readings of the oil.`}
      />
      <Facts
        facts={[
          [
            t`Oil in the plant`,
            t`likely ${yieldRange(content.p10, content.p90, units)} ${yieldUnit(units)}`,
          ],
          [t`Free to go at once`, `${percent(parameters.freeShare)}`],
          [
            t`Then each minute`,
            t`${significant(parameters.releasePerMinute.p10 * 100, 2)} to ${significant(parameters.releasePerMinute.p90 * 100, 2)} % of the rest`,
          ],
        ]}
      />
      {misfit > badMisfit ? (
        <Notice
          severity="caution"
          message={t`The readings do not lie on any curve of this kind: look at the log for a slip.`}
        />
      ) : (
        <>
          <Txt variant="small">
            {t`The next plan of ${plant.name} then uses these figures and marks them as yours. Undo, or the plant's page, goes back.`}
          </Txt>
          <Button
            look="quiet"
            label={t`Plan with these from now on`}
            onPress={() =>
              dispatch(
                changeFigures(
                  plant,
                  fitted(plant, run, { content, freeShare, releasePerMinute }),
                  t`${plant.name}: planned by your own figures.`,
                ),
              )
            }
          />
        </>
      )}
    </Card>
  );
}

function questionOf(run: Run, state: RunState): FitQuestion | undefined {
  const request = knownRequest(run.plan);
  const { oil, distillate, heat } = seenOf(state);
  /* The fit knows one steady heat: turned down as the plan has it is that, turned later is not. */
  if (heat.some(({ minutes }) => minutes > settledIn)) return undefined;
  const after = oil.filter(({ minutes, volumeMl }) => minutes > 0 && volumeMl > 0);
  if (!request || after.length < leastReadings) return undefined;
  return {
    request,
    readings: [
      ...after.map(({ minutes, volumeMl }) => ({ minutes, oilMl: volumeMl })),
      ...distillate.map(({ minutes, volumeMl }) => ({ minutes, distillateMl: volumeMl })),
    ],
  };
}

interface Figures {
  content: Percentiles;
  freeShare: number;
  releasePerMinute: number;
}

/* The plan's figures are of a preparation; the plant's own are of the advised one. */
function figuresOf(
  { oilMlPerKg, freeShare, releasePerMinute }: FitAnswer["parameters"],
  run: Run,
  plant: KnownPlant,
): Figures {
  const { oil } = preparationOf(plant, run.plan.preparation);
  const asked = run.plan.request?.material;
  const before =
    asked && "freeShare" in asked
      ? { free: asked.freeShare, release: asked.releasePerMinute }
      : { free: plant.freeShare, release: plant.releasePerMinute };
  const of = (value: number) => value / oil;
  return {
    content: { p10: of(oilMlPerKg.p10), p50: of(oilMlPerKg.p50), p90: of(oilMlPerKg.p90) },
    freeShare: Math.min(0.98, (plant.freeShare * freeShare.p50) / before.free),
    releasePerMinute: Math.min(
      0.9,
      (plant.releasePerMinute * releasePerMinute.p50) / before.release,
    ),
  };
}

function fitted(
  plant: KnownPlant,
  { state, number }: Run,
  { content, freeShare, releasePerMinute }: Figures,
): (own: Material["own"]) => Material["own"] {
  const { moisture, packingGPerL } = plant.states[state]!;
  const oilMlPerKg = { low: rounded(content.p10), high: rounded(content.p90) };
  return (own) => ({
    ...own,
    freeShare: rounded(freeShare),
    releasePerMinute: rounded(releasePerMinute),
    states: { ...own.states, [state]: { oilMlPerKg, moisture, packingGPerL } },
    source: t`Fitted to the readings of run ${number}.`,
  });
}

function percent({ p10, p90 }: Percentiles): string {
  return t`${fixed(p10 * 100, 0)} to ${fixed(p90 * 100, 0)} %`;
}

function rounded(value: number): number {
  return Number(value.toPrecision(3));
}
