import { useRouter } from "expo-router";
import { useCallback, useState } from "react";
import { View } from "react-native";
import { showMass, words } from "@/core/units/format";
import { t } from "@/language/t";
import type { PlanDraft } from "@/records/planDraft";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { wordsOf } from "@/words/glossary";
import { figuresOf } from "@/words/figureWords";
import { Txt } from "@/ui/primitives/Txt";
import { Assumptions } from "./Assumptions";
import { BeforeAfter } from "./BeforeAfter";
import type { Door } from "./doors";
import { PlanDrawing } from "./PlanDrawing";
import { PlanFigures } from "./PlanFigures";
import { PlanFolds } from "./PlanFolds";
import { PlanNotices } from "./PlanNotices";
import { MoreToPlan } from "./MoreToPlan";
import { PlanQuestions, StartFrom } from "./PlanQuestions";
import { PlanSheet } from "./PlanSheet";
import { usePlanDraft } from "./usePlanDraft";
import { usePlanAnswer, type PlanAnswer } from "./usePlanAnswer";
import { Warnings } from "./Warnings";

/** From what is on the scale, or what is wished for, to a charge that is ready to load. */
export function PlanScreen() {
  const planning = usePlanAnswer();
  const { work, shown, behind, plan, answer, replaces, blocked, changed } = planning;
  const router = useRouter();
  const [door, setDoor] = useState<Door>();
  if (!work.read.still) return <NoStill onAdd={() => router.push("/bench")} />;
  const dimmed = `gap-4 transition-opacity duration-200 ${behind ? "opacity-40" : ""}`;
  return (
    <Screen
      {...titles(answer)}
      words={<PlanWords />}
      onSubmit={planning.makeItReady}
      footer={
        <Button
          label={
            blocked
              ? t`Fix the plan first`
              : replaces
                ? t`Change run ${replaces.number}`
                : t`Get ready`
          }
          disabled={!planning.canBeReady}
          onPress={planning.makeItReady}
        />
      }
      aside={
        <View aria-busy={behind} className={dimmed}>
          <PlanAside planning={planning} door={door} onDoor={setDoor} />
        </View>
      }
    >
      <PlanNotices
        work={work}
        plan={plan}
        refused={planning.refused}
        replaces={replaces}
        onOpen={setDoor}
      />
      <View className="gap-2">
        <PlanQuestions plan={work} />
        {work.harvest || (answer && byWeight(work.draft)) ? null : <StartFrom plan={work} />}
        <Assumptions work={work} onOpen={() => setDoor("setup")} />
      </View>
      {answer ? (
        <View aria-busy={behind} className={dimmed}>
          {changed ? (
            <BeforeAfter
              change={changed}
              work={shown}
              after={answer.plan}
              ranges={answer.state.ranges}
              onDone={planning.letChangeStand}
              onBack={planning.takeChangeBack}
            />
          ) : null}
          <Warnings {...answer} severity="error" onChoose={planning.choose} />
          <PlanDrawing {...answer} onOpen={setDoor} />
        </View>
      ) : null}
    </Screen>
  );
}

function titles(answer: PlanAnswer["answer"]) {
  if (!answer) return { title: t`Plan`, pageTitle: t`Plan` };
  const { plan, work } = answer;
  const { plant, massG } = work.read;
  return {
    title: `${plant.name}, ${words(showMass(massG ?? 0, work.units))}`,
    pageTitle: t`Plan, ${plant.name}`,
    over: plan.charges > 1 ? t`Plan, ${plan.charges} charges` : t`Plan`,
  };
}

/** The answer's figures with what they are warned of, its folds, and the sheet of the figure that was opened. */
function PlanAside({
  planning: { work, shown, plan, state, answer, ways, choose },
  door,
  onDoor,
}: {
  planning: PlanAnswer;
  door: Door | undefined;
  onDoor: (door: Door | undefined) => void;
}) {
  const close = useCallback(() => onDoor(undefined), [onDoor]);
  const { still } = shown.read;
  return (
    <>
      {answer ? (
        <>
          <PlanFigures {...answer} onOpen={onDoor} />
          {answer.state.problem ? <NoRanges problem={answer.state.problem} /> : null}
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
    </>
  );
}

function PlanWords() {
  return (
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
