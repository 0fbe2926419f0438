import { useRouter } from "expo-router";
import { useMemo, useRef, useState } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { emptyPastForm, type PastForm } from "@/logbook/past/pastForm";
import { readPastForm } from "@/logbook/past/readPastForm";
import { enterPastRuns } from "@/store/acts/enterPastRuns";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectMeasures, selectPreferences, selectStills } from "@/store/selectors";
import { useDraft } from "@/store/useDraft";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { TypedBefore } from "@/ui/primitives/TypedBefore";
import { PastDetails } from "./PastDetails";
import { PastFields } from "./PastFields";
import { TeachesCard } from "./TeachesCard";
import { usualUnits } from "./usualUnits";
import { useToday } from "@/ui/useToday";

/** A run that is over, as one form: day and plant, and whatever else the person has. */
export function PastRunScreen() {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const { units } = useAppSelector(selectPreferences);
  const stills = useAppSelector(selectStills);
  const measures = useAppSelector(selectMeasures);
  const book = usePlantBook();
  const today = useToday();
  const [beginning] = useState(() => emptyPastForm(today, usualUnits(units)));
  const draft = useDraft("pastRun", beginning);
  const [form, setForm] = useState(draft.start);
  const [asked, setAsked] = useState(false);
  /* Enter twice, or a tap and Enter, enter one run. */
  const entered = useRef(false);
  const [refused, setRefused] = useState<string>();
  const read = useMemo(
    () => readPastForm(form, { book, stills, measures, today }),
    [form, book, stills, measures, today],
  );
  /* What is empty and has to be told is said once Save was tapped, what is wrong at once. */
  const problems = asked
    ? read.problems
    : Object.fromEntries(Object.entries(read.problems).filter(([field]) => filled(form, field)));
  const change = (part: Partial<PastForm>) => {
    const now = { ...form, ...part };
    setForm(now);
    draft.note(now);
  };

  function save() {
    setAsked(true);
    if (!read.told || entered.current) return;
    const kept = dispatch(enterPastRuns([read.told]));
    if (!kept.ok) return setRefused(kept.problem);
    entered.current = true;
    draft.done();
    router.replace(`/runs/${kept.runs[0]!.id}`);
  }

  if (stills.length === 0)
    return (
      <Screen
        title={t`Enter a past run`}
        back={{ href: "/runs", label: t`Runs` }}
        footer={<Button label={t`Add your still`} onPress={() => router.push("/bench")} />}
      >
        <Card className="gap-2">
          <Txt variant="heading">{t`First, your still`}</Txt>
          <Txt>{t`A run belongs to a still. Add it once, then enter all the runs you made with it.`}</Txt>
        </Card>
      </Screen>
    );
  return (
    <Screen
      title={t`Enter a past run`}
      back={{ href: "/runs", label: t`Runs` }}
      onSubmit={save}
      actions={
        <Button
          label={t`From a table`}
          hint={t`From a table: many past runs from a CSV file`}
          look="quiet"
          size="small"
          onPress={() => router.push("/runs/table")}
        />
      }
      footer={
        <View className="gap-2">
          {refused ? (
            <Notice answersPress severity="error" message={t`Not saved: ${refused}.`} />
          ) : null}
          {asked && !read.told ? (
            <Txt role="alert" className="text-ember-ink">
              {Object.values(read.problems)[0]}
            </Txt>
          ) : null}
          <Button label={t`Save run`} once onPress={save} />
        </View>
      }
      aside={<TeachesCard told={read.told} />}
    >
      <TypedBefore
        shown={draft.typedBefore}
        onLetGo={() => {
          draft.done();
          setForm(beginning);
        }}
      />
      <PastFields form={form} read={read} problems={problems} units={units} onChange={change} />
      <PastDetails form={form} problems={problems} units={units} onChange={change} />
    </Screen>
  );
}

function filled(form: PastForm, field: string): boolean {
  const [name = "", at, part = ""] = field.split(".");
  const value: unknown = form[name as keyof PastForm];
  if (Array.isArray(value))
    return Object.values((value[Number(at)] ?? {}) as Record<string, string>).some(
      (text) => text.trim() !== "" && part !== "",
    );
  return typeof value === "string" && value.trim() !== "";
}
