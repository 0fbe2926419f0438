import { useRouter } from "expo-router";
import { View } from "react-native";
import { t } from "@/language/t";
import { switchLogbook } from "@/storage/logbookChoice";
import { changePreferences } from "@/store/changes";
import { useAppDispatch, useUnits } from "@/store/hooks";
import { Choice } from "@/ui/primitives/Choice";
import { unitOptions } from "@/words/unitOptions";
import { WayDrawing } from "@/ui/drawings/WayDrawing";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";

const steps = [
  {
    title: t`1. Your still`,
    what: t`Choose one that is like yours. Its measures can be changed later.`,
  },
  { title: t`2. Plant and weight`, what: t`Say which plant and how much of it you have.` },
  {
    title: t`3. The plan`,
    what: t`Water, charges, times and the oil you can expect, for your own still.`,
  },
];

/** An empty logbook: what this is for, the three steps, and where to begin. */
export function FirstDay({ hasStill }: { hasStill: boolean }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const units = useUnits();
  const next = hasStill ? 1 : 0;
  return (
    <Screen
      title={t`Sereno`}
      over={t`From the cut plant to the bottle`}
      footer={
        <View className="gap-2">
          <Button
            label={hasStill ? t`Choose the plant` : t`Begin with your still`}
            onPress={() => router.push(hasStill ? "/plan" : "/bench")}
          />
          <Button
            look="quiet"
            label={t`Open the demonstration`}
            onPress={() => switchLogbook("sereno-demo")}
          />
        </View>
      }
      aside={
        <>
          <Card className="gap-3">
            <Choice
              shown
              label={t`Units`}
              options={unitOptions}
              value={units}
              onChange={(next) => dispatch(changePreferences({ units: next }))}
            />
            <Txt variant="small">{t`Have you distilled before? Enter your past runs under Runs: the first plan learns from them.`}</Txt>
          </Card>
          <Row
            href="/harvests"
            title={t`Cut already?`}
            detail={t`Note the harvest and how it wilts, and plan it later`}
          />
          <Row
            href="/bench/practice"
            title={t`Practise first`}
            detail={t`A still that cannot be spoilt, in ten short lessons`}
          />
          <Txt variant="small">{t`Hot steam, flame and pressure can hurt: never a closed still, never alone, never dry. Owning a still and selling what it makes are regulated in many places. Sereno informs; local codes and licensed practice come first.`}</Txt>
        </>
      }
    >
      <Card className="gap-3">
        <Txt variant="strong">{t`Sereno helps you to distil essential oils and hydrosols at home.`}</Txt>
        <WayDrawing />
        {steps.map(({ title, what }, i) => (
          <View key={title}>
            <Txt variant="strong">{i < next ? `${title} ✓` : title}</Txt>
            <Txt variant="small">{what}</Txt>
          </View>
        ))}
      </Card>
    </Screen>
  );
}
