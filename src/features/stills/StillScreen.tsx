import { useLocalSearchParams, useRouter } from "expo-router";
import { View } from "react-native";
import { constructionOf } from "@/core/still/constructions";
import { toInput } from "@/core/units/numberInput";
import { t } from "@/language/t";
import type { Still } from "@/records/still";
import { bin } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { NotHere } from "@/ui/layout/NotHere";
import { useAttachments } from "@/exchange/useAttachments";
import { AttachmentsCard } from "@/ui/attachments/AttachmentsCard";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { FormChoice, FormText } from "@/ui/primitives/form";
import { Notice } from "@/ui/primitives/Notice";
import { Row } from "@/ui/primitives/Row";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { wordsOf } from "@/words/glossary";
import { figuresOf } from "@/words/figureWords";
import { Txt } from "@/ui/primitives/Txt";
import { TypedBefore } from "@/ui/primitives/TypedBefore";
import { calibrationWords } from "@/words/calibrationWords";
import {
  CondenserFields,
  HeatFields,
  LidFields,
  PotFields,
  ReceiverFields,
} from "./StillFormFields";
import { useStillForm } from "./useStillForm";
import { NotMeasured } from "./NotMeasured";
import { StillSketch } from "./StillSketch";
import { constructionOptions, metalOptions } from "@/words/stillWords";

/** One still: its measures at the left, drawn as they are typed at the right. */
export function StillScreen() {
  const { id = "new" } = useLocalSearchParams<{ id: string }>();
  const still = useAppSelector((state) => state.still.entities[id]);
  if (id !== "new" && (!still || still.deletedAt))
    return <NotHere what={t`This still`} back={{ href: "/bench", label: t`Bench` }} />;
  return <StillForm key={id} still={still} />;
}

function StillAttachments({ still }: { still: Still }) {
  return <AttachmentsCard name={still.name} {...useAttachments(still.id)} />;
}

function StillForm({ still }: { still: Still | undefined }) {
  const { units } = useAppSelector(selectPreferences);
  const form = useStillForm(still);
  const { control, typed, receivers, problem } = form;
  const construction = typed.construction ?? "basketPot";
  return (
    <Screen
      title={still ? still.name : t`A still`}
      back={{ href: "/bench", label: t`Bench` }}
      onSubmit={() => void form.save()}
      words={<StillWords />}
      footer={
        <View className="gap-2">
          {problem ? (
            <Notice answersPress severity="error" message={t`Not kept: ${problem}.`} />
          ) : null}
          {form.incomplete ? (
            <Txt
              variant="label"
              className="text-center text-ember-ink"
            >{t`Not kept yet: see what is marked in red.`}</Txt>
          ) : null}
          <Button label={t`Save still`} onPress={() => void form.save()} />
        </View>
      }
      aside={<StillAside still={still} sketched={form.sketched} />}
    >
      <TypedBefore shown={form.typedBefore} onLetGo={form.letGo} />
      <Card className="gap-3">
        <FormText
          control={control}
          name="name"
          label={t`Name`}
          required
          placeholder={t`Copper pot, 12 L`}
        />
        <FormChoice
          control={control}
          name="construction"
          label={t`Kind`}
          options={constructionOptions}
        />
        <FormChoice control={control} name="metal" label={t`Made of`} options={metalOptions} />
      </Card>
      <PotFields control={control} construction={construction} units={units} />
      {constructionOf(construction).canShut ? <LidFields control={control} /> : null}
      <HeatFields control={control} heatKind={typed.heatKind ?? "plate"} units={units} />
      <NotMeasured
        typed={typed}
        onPower={(watts) => form.put("power", toInput(watts, "W"))}
        onMass={(grams) => form.put("emptyMass", toInput(grams, units === "metric" ? "kg" : "lb"))}
      />
      <CondenserFields
        control={control}
        construction={construction}
        condenser={typed.condenser ?? "notSaid"}
        units={units}
      />
      <ReceiverFields control={control} receivers={receivers} units={units} />
    </Screen>
  );
}

/** The still as it is drawn, and what belongs to one that is kept. */
function StillAside({
  still,
  sketched,
}: {
  still: Still | undefined;
  sketched: Still | undefined;
}) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  return (
    <>
      <Card className="px-2">
        {sketched ? (
          <StillSketch still={sketched} />
        ) : (
          <Txt
            variant="small"
            className="p-4"
          >{t`The still is drawn here to scale once its measures are whole.`}</Txt>
        )}
      </Card>
      {still ? (
        <>
          <Row
            href={`/bench/stills/${still.id}/calibrate`}
            title={t`Calibrate with water`}
            detail={calibrationWords(still)}
          />
          <StillAttachments still={still} />
          <View className="flex-row">
            <Button
              look="quiet"
              size="small"
              label={t`Delete still`}
              onPress={() => {
                dispatch(bin(t`${still.name} deleted.`, [still]));
                router.replace("/bench");
              }}
            />
          </View>
        </>
      ) : null}
    </>
  );
}

function StillWords() {
  return (
    <WordsHere
      all="/bench/words"
      guide="/bench/guide?about=Your%20still"
      figures={figuresOf(["heatIn"])}
      words={wordsOf([
        "dryLine",
        "head",
        "headspace",
        "basket",
        "condenser",
        "receiver",
        "twoArms",
        "calibration",
        "bowlAndLid",
      ])}
    />
  );
}
