import { zodResolver } from "@hookform/resolvers/zod";
import { useLocalSearchParams, useRouter } from "expo-router";
import { useState } from "react";
import { useFieldArray, useForm, useWatch } from "react-hook-form";
import { View } from "react-native";
import { constructionOf } from "@/core/still/constructions";
import { toInput } from "@/core/units/numberInput";
import { t } from "@/language/t";
import { newRecord } from "@/records/base";
import type { Still } from "@/records/still";
import { addNew } from "@/store/acts/addNew";
import { bin, keepForm } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { useDraft } from "@/store/useDraft";
import { useFormDraft } from "@/store/useFormDraft";
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
import { stillFormDefaults, stillFormSchema, stillFromForm, type StillFormRead } from "./stillForm";
import { NotMeasured } from "./NotMeasured";
import { StillSketch } from "./StillSketch";
import { constructionOptions, metalOptions } from "@/words/stillWords";

/* A figure that was reckoned counts as typed. */
const asTyped = { shouldDirty: true, shouldValidate: true } as const;

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
  const router = useRouter();
  const dispatch = useAppDispatch();
  const { units } = useAppSelector(selectPreferences);
  /* As it was when the form was opened: only what was changed since is written. */
  const [shown] = useState(still);
  const beginning = stillFormDefaults(shown, units);
  const draft = useDraft(`still/${shown?.id ?? "new"}`, beginning);
  const form = useForm({
    resolver: zodResolver(stillFormSchema),
    defaultValues: draft.start,
    mode: "onBlur",
  });
  const {
    control,
    handleSubmit,
    reset,
    setValue,
    formState: { isSubmitted, isValid },
  } = form;
  useFormDraft(form, draft);
  const [problem, setProblem] = useState<string>();
  const receivers = useFieldArray({ control, name: "receivers" });
  const typed = useWatch({ control });
  const read = stillFormSchema.safeParse(typed);
  const construction = typed.construction ?? "basketPot";
  const save = handleSubmit((typed) => {
    const kept = dispatch(shown ? keepForm(...changed(shown, typed)) : keepNew(typed));
    if (!kept.ok) return setProblem(kept.problem);
    draft.done();
    router.replace("/bench");
  });
  function changed(from: Still, typed: StillFormRead): [Still, Still] {
    const before = stillFormSchema.safeParse(beginning);
    return [
      { ...from, ...(before.success ? stillFromForm(before.data) : {}) },
      { ...from, ...stillFromForm(typed) },
    ];
  }
  return (
    <Screen
      title={still ? still.name : t`A still`}
      back={{ href: "/bench", label: t`Bench` }}
      onSubmit={() => void save()}
      words={
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
      }
      footer={
        <View className="gap-2">
          {problem ? <Notice severity="error" message={t`Not kept: ${problem}.`} /> : null}
          {isSubmitted && !isValid ? (
            <Txt
              variant="label"
              className="text-center text-ember-ink"
            >{t`Not kept yet: see what is marked in red.`}</Txt>
          ) : null}
          <Button label={t`Save still`} onPress={() => void save()} />
        </View>
      }
      aside={
        <>
          <Card className="px-2">
            {read.success ? (
              <StillSketch
                still={{ ...newRecord("still", new Date(0)), ...stillFromForm(read.data) }}
              />
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
      }
    >
      <TypedBefore
        shown={draft.typedBefore}
        onLetGo={() => {
          draft.done();
          reset(beginning);
        }}
      />
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
        onPower={(watts) => setValue("power", toInput(watts, "W"), asTyped)}
        onMass={(grams) =>
          setValue("emptyMass", toInput(grams, units === "metric" ? "kg" : "lb"), asTyped)
        }
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

/** A still of which there is no record yet. */
function keepNew(typed: StillFormRead) {
  return addNew([{ ...newRecord("still", new Date()), ...stillFromForm(typed) }]);
}
