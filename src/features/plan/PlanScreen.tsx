import { useRouter } from "expo-router";
import { useCallback, useDeferredValue, useMemo, useState } from "react";
import { View } from "react-native";
import { showMass, words } from "@/core/units/format";
import { t } from "@/language/t";
import { waysOfWorking } from "@/words/waysOfWorking";
import type { PlanDraft } from "@/records/planDraft";
import { useAppSelector } from "@/store/hooks";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { wordsOf } from "@/words/glossary";
import { figuresOf } from "@/words/figureWords";
import { Txt } from "@/ui/primitives/Txt";
import { Assumptions } from "./Assumptions";
import { BeforeAfter, type Change } from "./BeforeAfter";
import type { Door } from "./doors";
import { PlanDrawing } from "./PlanDrawing";
import { PlanFigures } from "./PlanFigures";
import { PlanFolds } from "./PlanFolds";
import { PlanNotices } from "./PlanNotices";
import { MoreToPlan } from "./MoreToPlan";
import { PlanQuestions, StartFrom } from "./PlanQuestions";
import { PlanSheet } from "./PlanSheet";
import { planned, stands } from "./planned";
import { useKeepCharge } from "./useKeepCharge";
import { useForecastRanges } from "./useForecastRanges";
import { usePlanDraft } from "./usePlanDraft";
import { useWhenReady } from "./useWhenReady";
import { Warnings } from "./Warnings";

/** From what is on the scale, or what is wished for, to a charge that is ready to load. */
export function PlanScreen() {
  const work = usePlanDraft();
  const { draft, change } = work;
  /* What is typed is answered first; the result follows when the page has a moment. Until it has,
     it stands dimmed and nothing can be made ready from it. */
  const shown = useDeferredValue(work);
  const behind = shown !== work;
  const router = useRouter();
  const { input, still } = shown.read;
  const { plan, refused } = useMemo(() => planned(input), [input]);
  const state = useForecastRanges(plan?.request);
  const { ranges } = state;
  const ways = useMemo(() => waysOfWorking(shown.draft, shown.read), [shown]);
  const [door, setDoor] = useState<Door>();
  const [changed, setChanged] = useState<Change>();
  const choose = useCallback(
    (part: Partial<PlanDraft>, label: string) => {
      setChanged({ label, before: shown.draft });
      change(part);
    },
    [shown, change],
  );
  const close = useCallback(() => setDoor(undefined), []);

  /* A run's number, and what own yields say, are known once every run has been read. */
  const allRead = useAppSelector(({ keeping }) => keeping.later === 0);
  const replaces = work.runs.find(({ id, entries }) => id === draft.runId && entries.length === 0);
  const noAnswer = !ranges && (state.problem !== undefined || state.stopped === true);
  const blocked = plan?.warnings.some((warning) => stands(warning, draft));
  const waits = behind || (plan !== undefined && !ranges && !noAnswer) || !allRead;
  const keep = useKeepCharge();
  const askReady = useWhenReady(
    waits,
    () =>
      plan && ranges && still && !blocked && !behind && keep({ work, plan, ranges, still, ways }),
  );
  const makeItReady = () => {
    setChanged(undefined);
    askReady();
  };

  if (!work.read.still) return <NoStill onAdd={() => router.push("/bench")} />;
  const dimmed = `transition-opacity duration-200 ${behind ? "opacity-40" : ""}`;
  const answer = plan && still ? { plan, still, state, work: shown } : undefined;
  const title = answer
    ? `${shown.read.plant.name}, ${words(showMass(shown.read.massG ?? 0, work.units))}`
    : t`Plan`;
  return (
    <Screen
      title={title}
      pageTitle={answer ? t`Plan, ${shown.read.plant.name}` : t`Plan`}
      over={answer ? (plan!.charges > 1 ? t`Plan, ${plan!.charges} charges` : t`Plan`) : undefined}
      words={
        <WordsHere
          all="/bench/words"
          guide="/bench/guide?about=The%20plan"
          figures={figuresOf(["expectedOil", "plantOil", "heatIn", "layerHeight", "potLevel"])}
          words={wordsOf([
            "charge",
            "headspace",
            "dryLine",
            "visibleOil",
            "likely",
            "hydrosol",
            "firstDrop",
            "heatOff",
            "flow",
            "layer",
            "receiver",
            "waterRunsLow",
            "overSteam",
            "plantInWater",
            "cohobation",
            "cut",
            "notes",
            "wilted",
          ])}
        />
      }
      onSubmit={makeItReady}
      footer={
        <Button
          label={
            blocked
              ? t`Fix the plan first`
              : replaces
                ? t`Change run ${replaces.number}`
                : t`Get ready`
          }
          disabled={!plan || blocked || noAnswer || !allRead}
          onPress={makeItReady}
        />
      }
      aside={
        <View aria-busy={behind} className={`gap-4 ${dimmed}`}>
          {answer ? (
            <>
              <PlanFigures {...answer} onOpen={setDoor} />
              {state.problem ? <NoRanges problem={state.problem} /> : null}
              <Warnings {...answer} severity="caution" onChoose={choose} />
              <Warnings {...answer} severity="note" onChoose={choose} />
              <PlanFolds {...answer} ways={ways} onChoose={choose} />
            </>
          ) : (
            <Teach work={shown} />
          )}
          {still ? (
            <PlanSheet
              door={door}
              onClose={close}
              plan={plan}
              state={state}
              work={work}
              still={still}
              ways={ways}
              onChoose={choose}
            />
          ) : null}
        </View>
      }
    >
      <PlanNotices work={work} plan={plan} refused={refused} replaces={replaces} onOpen={setDoor} />
      <View className="gap-2">
        <PlanQuestions plan={work} />
        {work.harvest || (answer && byWeight(draft)) ? null : <StartFrom plan={work} />}
        <Assumptions work={work} onOpen={() => setDoor("setup")} />
      </View>
      {answer ? (
        <View aria-busy={behind} className={`gap-4 ${dimmed}`}>
          {changed ? (
            <BeforeAfter
              change={changed}
              work={shown}
              after={answer.plan}
              ranges={ranges}
              onDone={() => setChanged(undefined)}
              onBack={() => {
                change(changed.before);
                setChanged(undefined);
              }}
            />
          ) : null}
          <Warnings {...answer} severity="error" onChoose={choose} />
          <PlanDrawing {...answer} onOpen={setDoor} />
        </View>
      ) : null}
    </Screen>
  );
}

/* Begun from anything else, the choice stays where it was tapped. */
function byWeight({ goal, massBy }: PlanDraft): boolean {
  return goal === "have" && massBy === "scale";
}

/** What is still to be answered, and what comes of it. */
function Teach({ work: { draft, read } }: { work: ReturnType<typeof usePlanDraft> }) {
  const wants = draft.goal === "want";
  return (
    <Card className="gap-2">
      <Txt variant="heading">
        {!read.chosen
          ? t`Choose the plant`
          : wants
            ? t`Enter how much you want`
            : t`Enter the plant weight`}
      </Txt>
      <Txt>
        {wants
          ? t`Sereno then says how much plant to cut, and how to distil it.`
          : t`Sereno then fills your still: charges, water, first drop, oil and hydrosol.`}
      </Txt>
      <MoreToPlan />
    </Card>
  );
}

function NoRanges({ problem }: { problem: string }) {
  return (
    <Txt role="alert">{t`The likely range could not be calculated: ${problem}. Change a number to try again.`}</Txt>
  );
}

function NoStill({ onAdd }: { onAdd: () => void }) {
  return (
    <Screen title={t`Plan`} footer={<Button label={t`Add your still`} onPress={onAdd} />}>
      <Card className="gap-2">
        <Txt variant="heading">{t`First, your still`}</Txt>
        <Txt>{t`A plan is for one still. Its pot, basket and heat decide how much fits and when the first drop comes.`}</Txt>
      </Card>
    </Screen>
  );
}
