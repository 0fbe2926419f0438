import { useRouter } from "expo-router";
import { useDeferredValue, useMemo, useState } from "react";
import { View } from "react-native";
import { isoDay, showDay } from "@/core/units/dates";
import { showMass, showOil, showYield, words } from "@/core/units/format";
import type { UnitSystem } from "@/core/units/units";
import { runsCsv } from "@/exchange/csv";
import { handOver } from "@/exchange/download";
import { plural, t } from "@/language/t";
import { summarise, type RunSummary } from "@/logbook/run/runSummary";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectPreferences, selectRuns } from "@/store/selectors";
import { useSearches } from "@/store/useSearches";
import { FindLine } from "@/ui/layout/FindLine";
import { Screen } from "@/ui/layout/Screen";
import { useWide } from "@/ui/layout/useWide";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { MoreActions } from "@/ui/primitives/MoreActions";
import { Row } from "@/ui/primitives/Row";
import { SavedSearches } from "@/ui/primitives/SavedSearches";
import { pick } from "@/ui/primitives/options";
import { Select } from "@/ui/primitives/Select";
import { Txt } from "@/ui/primitives/Txt";
import { useKept } from "@/ui/useKept";
import { inState } from "@/words/stateWords";
import { findRuns, sortRuns, type Sort, type SortKey } from "./findRuns";
import { RunTable } from "./RunTable";
import { SeveralRuns } from "./SeveralRuns";
import { phaseInShort } from "@/words/runWords";

/* What one page of the logbook shows before "more": a season fits. */
const pageSize = 60;

/** The logbook: every run, to search, to sort, to open. */
export function RunsScreen() {
  const plantBook = usePlantBook();
  const wide = useWide();
  const router = useRouter();
  const { units } = useAppSelector(selectPreferences);
  const runs = useAppSelector(selectRuns);
  const [query, setQuery] = useKept("runs/find", "");
  const [shown, setShown] = useKept("runs/shown", pageSize);
  const [sort, setSort] = useKept<Sort>("runs/sort", { key: "number", down: true });
  const [which, setWhich] = useKept<Filter>("runs/which", "all");
  const [several, setSeveral] = useState(false);
  const searched = useDeferredValue(query);
  const summaries = useMemo(() => runs.map((run) => summarise(run, plantBook)), [runs, plantBook]);
  const found = useMemo(
    () => sortRuns(findRuns(summaries.filter(filters[which]), searched), sort.key, sort.down),
    [summaries, searched, sort, which],
  );
  const page = found.slice(0, shown);
  const later = useAppSelector(({ keeping }) => keeping.later);

  if (runs.length === 0) {
    return <NoRuns />;
  }
  return (
    <Screen
      title={t`Runs`}
      actions={
        <>
          <EnterPast />
          <Button
            label={t`Learn`}
            hint={t`Learn: compare, trials, blind sniffs, what you know now`}
            look="quiet"
            size="small"
            onPress={() => router.push("/runs/learn")}
          />
          <RunsMenu found={found} sort={sort} onSort={setSort} onSeveral={() => setSeveral(true)} />
        </>
      }
    >
      {several ? <SeveralRuns runs={found} onClose={() => setSeveral(false)} /> : null}
      <RunSearch {...{ query, setQuery, which, setWhich, sort, setSort }} />
      {later > 0 ? (
        <Txt
          variant="label"
          role="status"
        >{t`Reading the logbook: ${plural(later, { one: "# run", other: "# runs" })} to come.`}</Txt>
      ) : null}
      {found.length === 0 ? (
        <Card>
          <Txt>
            {searched
              ? t`Nothing matches “${searched}”. Try a plant, a still or a month.`
              : t`No run is like that.`}
          </Txt>
        </Card>
      ) : wide ? (
        <RunTable
          runs={page}
          units={units}
          sort={sort}
          onSort={(key) => setSort({ key, down: sort.key === key ? !sort.down : true })}
        />
      ) : (
        <View className="gap-2">
          {page.map((summary) => (
            <RunRow key={summary.run.id} summary={summary} units={units} />
          ))}
        </View>
      )}
      {found.length > shown ? (
        <Button
          look="quiet"
          label={t`Show more of ${found.length}`}
          onPress={() => setShown(shown + pageSize)}
        />
      ) : null}
    </Screen>
  );
}

interface Search {
  query: string;
  setQuery: (query: string) => void;
  which: Filter;
  setWhich: (which: Filter) => void;
  sort: Sort;
  setSort: (sort: Sort) => void;
}

/** Which runs are looked for; on a phone their order too, which a wide table has in its head. */
function RunSearch({ query, setQuery, which, setWhich, sort, setSort }: Search) {
  const wide = useWide();
  const searches = useSearches("runs");
  return (
    <>
      <FindLine
        value={query}
        onChange={setQuery}
        placeholder={wide ? t`plant, still, month, note, run number` : t`plant, still, note`}
        sort={
          wide ? null : (
            <Select
              label={t`Sort by`}
              options={sortWords}
              value={sort.key}
              onChange={(key) => setSort({ key, down: sort.down })}
            />
          )
        }
      />
      <Choice label={t`Which runs`} options={filterWords} value={which} onChange={setWhich} />
      <SavedSearches
        {...searches}
        now={{ text: query, filter: which, sort: sort.key, down: sort.down }}
        first={{ text: "", filter: "all", sort: "number", down: true }}
        filters={filterWords}
        sorts={columnWords}
        onApply={(search) => {
          setQuery(search.text);
          setWhich(pick(search.filter, filterWords));
          setSort({ key: pick(search.sort, columnWords), down: search.down });
        }}
      />
    </>
  );
}

function NoRuns() {
  const router = useRouter();
  return (
    <Screen
      title={t`Runs`}
      footer={<Button label={t`Plan a run`} onPress={() => router.push("/plan")} />}
      actions={<EnterPast />}
    >
      <Card className="gap-2">
        <Txt variant="heading">{t`No runs yet`}</Txt>
        <Txt>{t`Every charge you distil stands here with its times, its yield and what you noted: the book you will plan from next year.`}</Txt>
      </Card>
    </Screen>
  );
}

/** What else can be done with the runs that are shown, and which way they are ordered. */
function RunsMenu({
  found,
  sort,
  onSort,
  onSeveral,
}: {
  found: readonly RunSummary[];
  sort: Sort;
  onSort: (sort: Sort) => void;
  onSeveral: () => void;
}) {
  const plantBook = usePlantBook();
  return (
    <MoreActions
      title={t`More of the runs`}
      actions={[
        { label: t`Several at once`, opens: true, act: onSeveral },
        {
          label: t`Save as CSV`,
          act: () =>
            void handOver(
              `sereno-runs-${isoDay(new Date())}.csv`,
              runsCsv(found, plantBook),
              "text/csv",
            ),
        },
      ]}
    >
      <Choice
        label={t`Order`}
        shown
        options={[
          { value: "down", label: t`Highest first` },
          { value: "up", label: t`Lowest first` },
        ]}
        value={sort.down ? "down" : "up"}
        onChange={(way) => onSort({ key: sort.key, down: way === "down" })}
      />
    </MoreActions>
  );
}

function EnterPast() {
  const router = useRouter();
  return (
    <Button
      label={t`Enter a past run`}
      look="quiet"
      size="small"
      onPress={() => router.push("/runs/past")}
    />
  );
}

/* Of a whole logbook these are asked for most. */
const filters = {
  all: () => true,
  open: ({ state }: RunSummary) => state.phase !== "done",
  measured: ({ result }: RunSummary) => result !== undefined,
} satisfies Record<string, (summary: RunSummary) => boolean>;
type Filter = keyof typeof filters;
const filterWords: { value: Filter; label: string }[] = [
  { value: "all", label: t`All` },
  { value: "open", label: t`Not finished` },
  { value: "measured", label: t`Measured` },
];
const sortWords: { value: SortKey; label: string }[] = [
  { value: "number", label: t`Number` },
  { value: "at", label: t`Day` },
  { value: "plant", label: t`Plant` },
  { value: "charge", label: t`Charge` },
  { value: "oil", label: t`Oil` },
  { value: "yield", label: t`Yield` },
];

/* A wide table sorts by these as well. */
const columnWords: { value: SortKey; label: string }[] = [
  ...sortWords,
  { value: "minutes", label: t`Time` },
  { value: "hydrosol", label: t`Hydrosol` },
];

function RunRow({ summary, units }: { summary: RunSummary; units: UnitSystem }) {
  const { run, plantName, at, result } = summary;
  return (
    <Row
      href={`/runs/${run.id}`}
      title={`${run.number} · ${plantName}`}
      detail={`${showDay(at)} · ${words(showMass(run.plan.chargeG, units))} ${inState[run.state]} · ${run.stillName}`}
      end={
        <>
          <Txt variant="strong">
            {result
              ? words(showOil(result.oilMl))
              : summary.state.result
                ? t`oil open`
                : phaseInShort(summary.state)}
          </Txt>
          {result ? <Txt variant="small">{words(showYield(result.mlPerKg, units))}</Txt> : null}
        </>
      }
    />
  );
}
