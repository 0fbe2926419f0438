import { fixed, showYield, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { showDay } from "@/core/units/dates";
import { useRouter } from "expo-router";
import { useMemo } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { runToCompare } from "@/logbook/run/runToCompare";
import { summarise, type RunSummary } from "@/logbook/run/runSummary";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectHarvests, selectPreferences, selectRuns } from "@/store/selectors";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { figureWords, figuresOf } from "@/words/figureWords";
import { wordsOf } from "@/words/glossary";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { Select } from "@/ui/primitives/Select";
import { Table } from "@/ui/primitives/Table";
import { FigureName } from "@/ui/primitives/FigureName";
import { Txt } from "@/ui/primitives/Txt";
import { useKept } from "@/ui/useKept";
import { factsOf } from "@/words/compareWords";
import { inState } from "@/words/stateWords";
import { CoursesCard } from "./CoursesCard";
import { LaidTo } from "./LaidTo";
import { NotesBeside } from "./NotesBeside";
import { basesIn, type Basis } from "./basis";

const mostRuns = 6;

/** Two to six runs side by side: only what differs, how much the model explains, and how they went. */
export function CompareScreen({ ids }: { ids: readonly string[] }) {
  const book = usePlantBook();
  const router = useRouter();
  const { units } = useAppSelector(selectPreferences);
  const runs = useAppSelector(selectRuns);
  const harvests = useAppSelector(selectHarvests);
  const [basis, setBasis] = useKept<Basis>("compare/basis", "dry");
  const summaries = useMemo(() => runs.map((run) => summarise(run, book)), [runs, book]);
  const chosen = useMemo(
    () =>
      [...new Set(ids)]
        .slice(0, mostRuns)
        .flatMap((id) => summaries.find(({ run }) => run.id === id) ?? [])
        .map((summary) => ({
          summary,
          compared: runToCompare(summary, book),
          harvest: harvests.find(({ id }) => id === summary.run.harvestId),
        })),
    [ids, summaries, book, harvests],
  );
  const ofThem = chosen.map(({ summary }) => summary);
  const facts = chosen.map(({ summary, compared, harvest }) =>
    factsOf(summary, compared, harvest, units),
  );
  return (
    <Screen
      title={t`Compare`}
      back={{ href: "/runs", label: t`Runs` }}
      words={
        <WordsHere
          all="/bench/words"
          guide="/bench/guide?about=Learn"
          figures={figuresOf(["compared", "yieldOf"])}
          words={wordsOf(["yield", "asCharged", "dryMatter", "vw", "ww"])}
        />
      }
      aside={
        chosen.length > 1 ? (
          <>
            <WhatTheyGave summaries={ofThem} basis={basis} onBasis={setBasis} units={units} />
            <CoursesCard runs={chosen} basis={basis} units={units} />
            <NotesBeside runs={ofThem} units={units} />
          </>
        ) : undefined
      }
    >
      <ChosenRuns
        chosen={ofThem}
        all={summaries}
        onChange={(next) => router.setParams({ ids: next.join(",") })}
      />
      {chosen.length > 1 ? (
        <>
          <Differences names={ofThem.map(({ run }) => t`Run ${run.number}`)} facts={facts} />
          {chosen.slice(1).map((each) => (
            <LaidTo key={each.summary.run.id} a={chosen[0]!} b={each} />
          ))}
        </>
      ) : null}
    </Screen>
  );
}

function WhatTheyGave({
  summaries,
  basis,
  onBasis,
  units,
}: {
  summaries: readonly RunSummary[];
  basis: Basis;
  onBasis: (basis: Basis) => void;
  units: UnitSystem;
}) {
  return (
    <Card className="gap-2">
      <FigureName variant="heading" name={t`What they gave`} about={figureWords.compared} />
      <Choice
        label={t`Oil, calculated as`}
        options={basesIn(units)}
        value={basis}
        onChange={onBasis}
      />
      <Table
        label={t`Yields on one basis`}
        head={[t`Run`, t`Oil`]}
        rows={summaries.map((summary) => [nameOf(summary), yieldText(summary, basis, units)])}
      />
    </Card>
  );
}

/** The runs beside one another: each can be left out, and others put to them. */
function ChosenRuns({
  chosen,
  all,
  onChange,
}: {
  chosen: readonly RunSummary[];
  all: readonly RunSummary[];
  onChange: (ids: readonly string[]) => void;
}) {
  const ids = chosen.map(({ run }) => run.id);
  return (
    <Card className="gap-2">
      {chosen.map((summary) => (
        <View key={summary.run.id} className="flex-row items-center justify-between gap-3">
          <Txt variant="strong" className="min-w-0 flex-1">
            {nameOf(summary)}
          </Txt>
          <Button
            look="plain"
            size="small"
            leaves
            label={t`Leave out`}
            hint={t`Leave out run ${summary.run.number}`}
            onPress={() => onChange(ids.filter((id) => id !== summary.run.id))}
          />
        </View>
      ))}
      {chosen.length < mostRuns ? (
        <Select
          label={chosen.length === 0 ? t`First run` : t`Compare with which run?`}
          options={toChoose(all, chosen[0], ids)}
          value=""
          onChange={(id) => (id ? onChange([...ids, id]) : undefined)}
        />
      ) : null}
      {chosen.length < 2 ? (
        <Txt>
          {all.length < 2
            ? t`Comparing takes two runs. The second one appears here once it is planned.`
            : t`Two to six runs. Those of the same plant come first.`}
        </Txt>
      ) : null}
    </Card>
  );
}

/** Only what is not the same in all of them. */
function Differences({
  names,
  facts,
}: {
  names: readonly string[];
  facts: readonly (readonly (readonly [string, string])[])[];
}) {
  const known = facts.map((own) => new Map(own));
  const differing = [...new Set(facts.flatMap((own) => own.map(([name]) => name)))].filter(
    (name) => new Set(known.map((own) => own.get(name) ?? "")).size > 1,
  );
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`What differs`}</Txt>
      {differing.length === 0 ? <Txt>{t`Nothing that was noted.`}</Txt> : null}
      {differing.map((name) => (
        <View key={name} className="gap-[2px] border-t border-line pt-2">
          <Txt variant="label">{name}</Txt>
          <View className="flex-row flex-wrap gap-x-5 gap-y-1">
            {names.map((run, i) => (
              <View key={run} className="max-w-full flex-row items-baseline gap-2">
                <Txt variant="small" className="shrink-0">
                  {run}
                </Txt>
                <Txt className="min-w-0 shrink">{known[i]!.get(name) ?? t`not noted`}</Txt>
              </View>
            ))}
          </View>
        </View>
      ))}
    </Card>
  );
}

function nameOf({ run, plantName, at }: RunSummary): string {
  return t`Run ${run.number}: ${plantName}, ${inState[run.state]}, ${showDay(at)}`;
}

/** Runs that can be put beside the first, those of its plant on top. */
function toChoose(
  summaries: readonly RunSummary[],
  first: RunSummary | undefined,
  chosenIds: readonly string[],
) {
  const like = (summary: RunSummary) => Number(summary.run.plantId === first?.run.plantId);
  return [
    { value: "", label: t`Choose a run` },
    ...summaries
      .filter(({ run }) => !chosenIds.includes(run.id))
      .sort((a, b) => like(b) - like(a) || b.run.number - a.run.number)
      .map((summary) => ({ value: summary.run.id, label: nameOf(summary) })),
  ];
}

function yieldText({ result }: RunSummary, basis: Basis, units: UnitSystem): string {
  if (!result) return t`not measured`;
  if (basis === "ml") return t`${fixed(result.oilMl, 2)} mL`;
  return words(showYield(basis === "dry" ? result.mlPerKgDry : result.mlPerKg, units));
}
