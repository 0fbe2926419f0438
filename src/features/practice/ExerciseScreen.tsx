import { useLocalSearchParams, type Href } from "expo-router";
import { useMemo, type ReactNode } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { traitsOf } from "@/logbook/practice/exerciseAsk";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import type { ExerciseRecord } from "@/records/exercise";
import type { Run } from "@/records/run";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { NotHere } from "@/ui/layout/NotHere";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { useHeldAlone } from "@/ui/useHeldAlone";
import { DebriefScreen } from "./DebriefScreen";
import { HandsCard } from "./HandsCard";
import { Outlet } from "./Outlet";
import { PracticeBar } from "./PracticeBar";
import { useExercise } from "./useExercise";

const back: { href: Href; label: string } = { href: "/bench/practice", label: t`Practice` };

/** What the cockpit is told of an exercise, whoever draws it. */
interface Round {
  top: ReactNode;
  hands: ReactNode;
  outlet: ReactNode;
  after: ReactNode;
  back: typeof back;
  onDanger: () => void;
}

/** One exercise: its cockpit while it runs, and what there is to see once it has ended. */
export function ExerciseScreen({ cockpit }: { cockpit: (run: Run, round: Round) => ReactNode }) {
  const { id = "" } = useLocalSearchParams<{ id: string }>();
  const record = useAppSelector((state) => state.exercise.entities[id]);
  const run = useAppSelector((state) => state.run.entities[record?.runId ?? ""]);
  const plant = usePlantBook().byId(record?.spec.plantId ?? "");
  if (!record || record.deletedAt || !run?.plan.request || !plant)
    return <NotHere what={t`This exercise`} back={back} />;
  if (record.endedAt !== undefined)
    return <DebriefScreen key={id} record={record} run={run} plant={plant} />;
  return <Alone key={id} record={record} run={run} plant={plant} cockpit={cockpit} />;
}

interface Props {
  record: ExerciseRecord;
  run: Run;
  plant: KnownPlant;
  cockpit: (run: Run, round: Round) => ReactNode;
}

/* Two tabs would run a still each, and write one log. */
function Alone(props: Props) {
  const held = useHeldAlone(`practice/${props.record.id}`);
  if (held === undefined) return null;
  if (held) return <Running {...props} />;
  return (
    <Screen title={t`Practice`} back={back}>
      <Notice
        severity="note"
        message={t`This exercise is open in another tab.`}
        remedy={t`Go on there, or close that tab: it then goes on here.`}
      />
    </Screen>
  );
}

function Running({ record, run, plant, cockpit }: Props) {
  const work = useExercise(record, run, plant);
  const { spec } = record;
  const traits = useMemo(() => traitsOf(spec.still, plant, spec.method), [spec, plant]);
  return cockpit(run, {
    top: <PracticeBar work={work} />,
    hands: <HandsCard work={work} traits={traits} />,
    outlet: <Outlet perMinute={work.seen.drops} />,
    after: (
      <Card wash="dew" className="gap-3">
        <Txt>{t`The heat is off. A real still cools now, and is opened cold.`}</Txt>
        <View className="flex-row">
          <Button label={t`End and look back`} onPress={work.end} />
        </View>
      </Card>
    ),
    back,
    onDanger: work.slower,
  });
}
