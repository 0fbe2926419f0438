import { ofPlant, showDuration, showMass, words, yieldRange, yieldUnit } from "@/core/units/format";
import { useRouter } from "expo-router";
import { useMemo } from "react";
import { View } from "react-native";
import { plural, t } from "@/language/t";
import { knownOfPlant, type KnownOfPlant, type NextStep } from "@/logbook/learn/knownOfPlant";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { summarise } from "@/logbook/run/runSummary";
import { useAppSelector, useUnits } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectPreferences, selectRuns, selectTrials } from "@/store/selectors";
import { YearRanges } from "@/ui/charts/YearRanges";
import { NotHere } from "@/ui/layout/NotHere";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { figureWords, figuresOf } from "@/words/figureWords";
import { wordsOf } from "@/words/glossary";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Facts } from "@/ui/primitives/Facts";
import { Row } from "@/ui/primitives/Row";
import { FigureName } from "@/ui/primitives/FigureName";
import { Txt } from "@/ui/primitives/Txt";
import { bestSentence, fitSentence, wayNamed, wayWords, yearWords } from "@/words/knownWords";
import { verdictSentence } from "@/words/trialWords";

/** What a person knows of one plant by now: yields over the years, what was best, what is open. */
export function KnownScreen({ plantId }: { plantId: string }) {
  const book = usePlantBook();
  const plant = book.byId(plantId);
  if (!plant)
    return <NotHere what={t`This plant`} back={{ href: "/runs/learn", label: t`Learn` }} />;
  return <KnownOf plant={plant} />;
}

function KnownOf({ plant }: { plant: KnownPlant }) {
  const book = usePlantBook();
  const units = useUnits();
  const runs = useAppSelector(selectRuns);
  const trials = useAppSelector(selectTrials);
  const known = useMemo(
    () =>
      knownOfPlant(
        plant.id,
        runs.map((run) => summarise(run, book)),
        trials,
        book,
      ),
    [plant.id, runs, trials, book],
  );
  const { measured, years, best, fits } = known;
  const range = Object.values(plant.states)[0]?.oilMlPerKg;
  return (
    <Screen
      over={t`What I know now`}
      title={plant.name}
      pageTitle={t`What I know of ${plant.name}`}
      back={{ href: "/runs/learn", label: t`Learn` }}
      words={
        <WordsHere
          all="/bench/words"
          guide="/bench/guide?about=Learn"
          figures={figuresOf(["ownFactor", "yieldOf"])}
          words={wordsOf(["yield", "dryMatter"])}
        />
      }
      aside={<KnownAside known={known} plant={plant} />}
    >
      {measured.length === 0 ? (
        <Card className="gap-2">
          <Txt variant="heading">{t`Nothing of your own yet`}</Txt>
          <Txt>
            {range
              ? t`Until you measure a run of it, the plan uses what others found: ${yieldRange(range.low, range.high, units)} ${yieldUnit(units)} of oil.`
              : t`Until you measure a run of it, the plan uses what others found.`}
          </Txt>
        </Card>
      ) : (
        <>
          <YearByYear years={years} />
          {fits.length > 0 ? (
            <Card className="gap-2">
              <FigureName variant="heading" name={t`Oil in it`} about={figureWords.ownFactor} />
              {fits.map((fit) => (
                <Txt key={fit.state}>{fitSentence(fit, units)}</Txt>
              ))}
              <Txt variant="small">{t`Eight harvests in ten are within it, and the next plan uses it. What a year does to a plant stays in it, however many runs there are.`}</Txt>
            </Card>
          ) : null}
          <BestSoFar best={best} plant={plant} />
        </>
      )}
    </Screen>
  );
}

/** What is open, what trials say, and the ways on from here. */
function KnownAside({ known, plant }: { known: KnownOfPlant; plant: KnownPlant }) {
  const router = useRouter();
  const { measured } = known;
  return (
    <>
      <NextSteps known={known} plant={plant} />
      {known.trials.map(({ trial, outcome }) => (
        <Row
          key={trial.id}
          href={`/runs/learn?trial=${trial.id}`}
          title={trial.question}
          detail={outcome ? verdictSentence(outcome, trial) : t`Nothing to count yet.`}
        />
      ))}
      <Row
        href={`/bench/plants/${plant.id}`}
        title={plant.name}
        detail={
          plant.ownFigures.length > 0
            ? t`The plant: ${plural(plant.ownFigures.length, { one: "# figure", other: "# figures" })} of your own`
            : t`The plant: figures from books`
        }
      />
      {measured.length > 1 ? (
        <View className="flex-row">
          <Button
            look="quiet"
            size="small"
            label={t`Compare the last ones`}
            onPress={() =>
              router.push(
                `/runs/compare?ids=${measured
                  .slice(-4)
                  .map(({ run }) => run.id)
                  .join(",")}`,
              )
            }
          />
        </View>
      ) : null}
    </>
  );
}

function YearByYear({ years }: Pick<KnownOfPlant, "years">) {
  const units = useUnits();
  return (
    <Card className="gap-2">
      <Txt variant="heading">{t`Year by year`}</Txt>
      {years.length > 1 ? (
        <YearRanges
          years={years.map(({ year, low, middle, high }) => ({
            year,
            low: ofPlant(low, units),
            middle: ofPlant(middle, units),
            high: ofPlant(high, units),
          }))}
          unit={t`${yieldUnit(units)} dry`}
          inWords={years.map((year) => `${year.year}: ${yearWords(year, units)}`).join("; ")}
        />
      ) : null}
      <Facts facts={years.map((year) => [String(year.year), yearWords(year, units)])} />
    </Card>
  );
}

function BestSoFar({ best, plant }: Pick<KnownOfPlant, "best"> & { plant: KnownPlant }) {
  const units = useUnits();
  const always = best.flatMap(({ way, gone }) =>
    gone.length === 1 ? [wayNamed(way, gone[0]!.name, plant)] : [],
  );
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`Best so far`}</Txt>
      {best
        .filter(({ gone }) => gone.length > 1)
        .map((each) => (
          <View key={each.way} className="gap-1 border-t border-line pt-2">
            <Txt variant="label">{wayWords[each.way]}</Txt>
            <Txt>{bestSentence(each, plant, units)}</Txt>
            <Txt variant="small">
              {each.gone
                .slice(1)
                .map(
                  ({ name, runs: count }) =>
                    `${wayNamed(each.way, name, plant)}: ${plural(count, { one: "# run", other: "# runs" })}`,
                )
                .join("; ")}
            </Txt>
          </View>
        ))}
      {always.length > 0 ? <Txt>{t`Always so far: ${always.join("; ")}.`}</Txt> : null}
      <Txt variant="small">{t`These are runs as they came. Another field, week or still may be the reason. The best of several always looks a little better than it is. A trial in pairs tells more with fewer runs.`}</Txt>
    </Card>
  );
}

/** What is open, and what settles it soonest. */
function NextSteps({ known, plant }: { known: KnownOfPlant; plant: KnownPlant }) {
  const { units } = useAppSelector(selectPreferences);
  const { measured, next } = known;
  const each = usual(known);
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`Open questions`}</Txt>
      {next.length === 0 ? (
        <Txt>
          {measured.length < 2
            ? t`With two measured runs there is something to ask.`
            : t`Nothing that a few runs would settle.`}
        </Txt>
      ) : null}
      {next.map((step, i) => (
        <View key={stepName(step, plant)} className="gap-1">
          <Txt variant={i === 0 ? "strong" : "body"}>{stepName(step, plant)}</Txt>
          <Txt variant="small">
            {each
              ? t`About ${plural(step.runs, { one: "# run", other: "# runs" })} more: ${words(showMass(each.chargeG * step.runs, units))} of plant and ${showDuration(each.minutes * step.runs)} of heat.`
              : t`About ${plural(step.runs, { one: "# run", other: "# runs" })} more.`}
          </Txt>
        </View>
      ))}
    </Card>
  );
}

function stepName(step: NextStep, plant: KnownPlant): string {
  if ("trial" in step) return step.trial.question;
  const { way, a, b } = step;
  return t`${wayWords[way]}: ${wayNamed(way, a, plant)}, or ${wayNamed(way, b, plant)}?`;
}

/** What a run of this plant usually takes: a charge and its time on the heat. */
function usual({ measured }: KnownOfPlant): { chargeG: number; minutes: number } | undefined {
  const timed = measured.flatMap(({ run, state }) =>
    state.litAt !== undefined && state.heatOffAt !== undefined
      ? [{ chargeG: run.plan.chargeG, minutes: (state.heatOffAt - state.litAt) / 60000 }]
      : [],
  );
  if (timed.length === 0) return undefined;
  const mean = (read: (of: (typeof timed)[number]) => number) =>
    timed.reduce((sum, of) => sum + read(of), 0) / timed.length;
  return { chargeG: mean(({ chargeG }) => chargeG), minutes: mean(({ minutes }) => minutes) };
}
