import { showOil, showVolume, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { waterFlows } from "@/core/yield/flows";
import { t } from "@/language/t";
import { explainedRun, flowsOfRun } from "@/logbook/run/afterRun";
import { standing } from "@/words/standing";
import type { RunSummary } from "@/logbook/run/runSummary";
import { usePlantBook } from "@/store/plants";
import { Flows } from "@/ui/charts/Flows";
import { Card } from "@/ui/primitives/Card";
import { Facts } from "@/ui/primitives/Facts";
import { FigureName } from "@/ui/primitives/FigureName";
import { Txt } from "@/ui/primitives/Txt";
import { reasonWords } from "@/words/reasonWords";
import { figureWords } from "@/words/figureWords";

interface Props {
  summary: RunSummary;
  /** The person's runs of the same plant. */
  others: readonly RunSummary[];
  units: UnitSystem;
}

/** Where the oil and the water of a measured run went, where its yield lies, and what explains it. */
export function WhereItWent({ summary, others, units }: Props) {
  const book = usePlantBook();
  const flows = flowsOfRun(summary);
  const { run, result } = summary;
  if (!flows || !result) return null;
  const explained = explainedRun(summary, book);
  const oil = (ml: number) => words(showOil(ml));
  const bands = [
    { label: t`in hand`, amount: flows.inHandMl, colour: "var(--oil)" },
    {
      label: t`not found, though the plan saw it`,
      amount: flows.missingMl,
      colour: "var(--oil)",
      unknown: true,
    },
    { label: t`dissolved in the hydrosol`, amount: flows.dissolvedMl, colour: "var(--dew)" },
    { label: t`haze that never settles`, amount: flows.hazeMl, colour: "var(--dew)" },
    { label: t`on glass and tubes`, amount: flows.onGlassMl, colour: "var(--soft)" },
    { label: t`not caught`, amount: flows.vapourMl, colour: "var(--ember)" },
    {
      label: t`left in the plant`,
      amount: flows.leftMl,
      colour: "var(--leaf)",
      unknown: !flows.fromMeasured,
    },
  ].map((flow) => ({ ...flow, text: oil(flow.amount) }));
  const water = waterOf(summary);
  const volume = (ml: number) => words(showVolume(ml, units));
  return (
    <>
      <Card className="gap-3">
        <FigureName
          variant="heading"
          name={t`Where the oil went`}
          about={figureWords.whereItWent}
        />
        <Flows
          whole={t`${oil(flows.plantMl)} in the plant`}
          colour="var(--leaf)"
          flows={bands}
          inWords={bands.map(({ text, label }) => `${text} ${label}`).join(", ")}
        />
        <Txt variant="small">
          {flows.fromMeasured
            ? t`What is in hand is measured; the rest follows from it by the model.`
            : result.oilMl > 0
              ? t`You have more oil than this much steam should bring over. The rest is estimated from the plan.`
              : t`No oil to calculate from. The plant is assumed to hold what the plan assumed.`}
        </Txt>
      </Card>
      <Card className="gap-3">
        <Txt variant="heading">{t`What explains it`}</Txt>
        <Txt>{standing(summary, others)}</Txt>
        {explained.length === 0 ? (
          <Txt variant="small">{t`It went as planned: nothing in the log needs explaining.`}</Txt>
        ) : (
          <Facts
            facts={explained.map(({ reason, ml, inPlan }) => [
              reasonWords[reason],
              ml === undefined
                ? t`cannot be told in mL`
                : signed(oil(Math.abs(ml)), ml < 0, inPlan),
            ])}
          />
        )}
      </Card>
      <Card className="gap-3">
        <Txt variant="heading">{t`Where the water went`}</Txt>
        <Flows
          whole={t`${volume(water.inMl)} in the pot`}
          colour="var(--dew)"
          flows={[
            ...water.jarsMl.map((amount, i) => ({
              label: water.jarsMl.length > 1 ? t`in jar ${i + 1}` : t`of hydrosol`,
              amount,
              colour: "var(--dew)",
              text: volume(amount),
            })),
            {
              label: t`left in the pot`,
              amount: water.potMl,
              colour: "var(--dew)",
              text: volume(water.potMl),
              unknown: true,
            },
            {
              label: t`in and on the plant`,
              amount: water.plantMl,
              colour: "var(--leaf)",
              text: volume(water.plantMl),
              unknown: true,
            },
            {
              label: t`lost`,
              amount: water.lostMl,
              colour: "var(--ember)",
              text: volume(water.lostMl),
              unknown: true,
            },
          ]}
          inWords={t`${volume(water.inMl)} went in; ${volume(water.jarsMl.reduce((a, b) => a + b, 0))} are in jars, about ${volume(water.potMl)} stayed in the pot, ${volume(water.plantMl)} in the plant, ${volume(water.lostMl)} are lost.`}
        />
        <Txt variant="small">{t`Striped: estimated, not measured.`}</Txt>
      </Card>
      {run.plan.edition === 3 ? null : (
        <Txt variant="small">{t`Calculated by today's model, not by the one of its plan.`}</Txt>
      )}
    </>
  );
}

/* What came over is in the jars, or was read in them and is not there any more. */
function waterOf({ run, state, result }: RunSummary) {
  const { waterMl, dryLineMl, forecast, method } = run.plan;
  const kept = result?.hydrosolMl ?? 0;
  return waterFlows({
    waterMl,
    addedMl: state.waterAddedMl,
    distillateMl: Math.max(kept, state.lastDistillate?.volumeMl ?? 0),
    jarsMl: state.result?.jars?.map(({ volumeMl }) => volumeMl) ?? (kept > 0 ? [kept] : []),
    /* Where it flows back, pot and plant share it as nobody knows. */
    heldMl:
      method === "cohobation" ? 0 : Math.max(0, waterMl - (forecast.spendableMl ?? 0) - dryLineMl),
  });
}

/* "+1.2 mL, already in the plan" */
function signed(amount: string, less: boolean, inPlan = false): string {
  const shown = `${less ? "−" : "+"}${amount}`;
  return inPlan ? t`${shown}, already in the plan` : shown;
}
