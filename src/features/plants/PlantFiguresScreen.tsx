import { zodResolver } from "@hookform/resolvers/zod";
import { useLocalSearchParams, useRouter } from "expo-router";
import { Suspense, useState } from "react";
import { useForm, useWatch } from "react-hook-form";
import { View } from "react-native";
import { t } from "@/language/t";
import { NotAtHome } from "./NotAtHome";
import { plantById } from "@/core/plant/catalogue";
import { newRecord } from "@/records/base";
import type { Material } from "@/records/material";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { withProse } from "@/logbook/plant/withProse";
import { addNew } from "@/store/acts/addNew";
import { bin, keepForm } from "@/store/changes";
import { useAppDispatch, useAppSelector, usePlantBook, useUnits } from "@/store/hooks";
import { useDraft } from "@/store/useDraft";
import { useFormDraft } from "@/store/useFormDraft";
import { useProseBook } from "@/store/useProse";
import { NotHere } from "@/ui/layout/NotHere";
import { Opening } from "@/ui/layout/Opening";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { FormSelect, FormText } from "@/ui/primitives/form";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { TypedBefore } from "@/ui/primitives/TypedBefore";
import { OilFields } from "./OilFields";
import { ownFromForm, plantFormDefaults, plantFormSchema } from "./plantForm";
import { StateFields } from "./StateFields";
import { WayFields } from "./WayFields";
import { plantInSentence } from "@/words/plantInSentence";

/** A plant's figures as the person knows them: the book's are there to be changed, one by one. */
export function PlantFiguresScreen() {
  const { id = "new" } = useLocalSearchParams<{ id: string }>();
  const book = usePlantBook();
  const plant = book.byId(id);
  const material = useAppSelector((state) =>
    plant?.materialId ? state.material.entities[plant.materialId] : undefined,
  );
  if (id !== "new" && !plant)
    return <NotHere what={t`This plant`} back={{ href: "/bench/plants", label: t`Plants` }} />;
  return (
    <Suspense fallback={<Opening says={t`Opening the book…`} />}>
      <Form key={id} known={plant} material={material} />
    </Suspense>
  );
}

function Form({ known, material }: { known?: KnownPlant; material?: Material }) {
  const prose = useProseBook();
  const plant = known && withProse(known, prose);
  const router = useRouter();
  const dispatch = useAppDispatch();
  const units = useUnits();
  const book = usePlantBook();
  const [shown] = useState(material);
  const [beginning] = useState(() => plantFormDefaults(plant, material?.like ?? "lavender", units));
  const draft = useDraft(`plant/${plant?.id ?? "new"}`, beginning);
  const form = useForm({
    resolver: zodResolver(plantFormSchema),
    defaultValues: draft.start,
    mode: "onBlur",
  });
  const {
    control,
    handleSubmit,
    reset,
    formState: { isSubmitted, isValid },
  } = form;
  useFormDraft(form, draft);
  const [problem, setProblem] = useState<string>();
  const likeness = book.byId(useWatch({ control, name: "like" }));
  const isNew = !plant;
  const back = plant ? `/bench/plants/${plant.id}` : "/bench/plants";
  const save = handleSubmit((form) => {
    const record = shown ?? newRecord("material", new Date());
    const like = plant?.origin === "catalogue" ? plant.id : form.like;
    const base = plantById(like);
    if (!base) return;
    const kept: Material = {
      ...record,
      plantId: plant?.id ?? `own-${record.id}`,
      like,
      own: ownFromForm(form, { ...base, ...prose(base.id) }),
    };
    const answer = dispatch(shown ? keepForm(shown, kept) : addNew([kept]));
    if (!answer.ok) return setProblem(answer.problem);
    draft.done();
    router.replace(`/bench/plants/${kept.plantId}`);
  });
  return (
    <Screen
      over={plant?.botanicalName}
      title={plant ? t`${plant.name}: figures` : t`A plant of your own`}
      back={{ href: back, label: plant?.name ?? t`Plants` }}
      onSubmit={() => void save()}
      footer={
        <View className="gap-2">
          {problem ? <Notice severity="error" message={t`Not kept: ${problem}.`} /> : null}
          {isSubmitted && !isValid ? (
            <Txt
              variant="label"
              className="text-center text-ember-ink"
            >{t`Not kept yet: see what is marked in red.`}</Txt>
          ) : null}
          <Button label={t`Save figures`} onPress={() => void save()} />
        </View>
      }
      aside={
        <>
          <OilFields control={control} />
          <Card className="gap-3">
            <Txt variant="heading">{t`Its hydrosol`}</Txt>
            <FormText
              control={control}
              name="hydrosolLook"
              label={t`Look and smell of the hydrosol`}
            />
            <FormText
              control={control}
              name="hydrosolWorth"
              label={t`What it is worth keeping for`}
            />
          </Card>
          <Card className="gap-3">
            <Txt variant="heading">{t`Cautions`}</Txt>
            <FormText
              control={control}
              name="hazards"
              label={t`One on each line`}
              lines={4}
              maxLength={6000}
              help={t`On skin, in the sun, in pregnancy, near children and pets; plants it is mistaken for.`}
            />
            <FormText
              control={control}
              name="source"
              label={t`Where the figures come from`}
              lines={2}
              maxLength={300}
            />
          </Card>
          <Card className="gap-2">
            <Txt variant="heading">{t`How to find them`}</Txt>
            <Txt>{t`Oil: what your own runs gave, the poor years as low and the good ones as high. Water: weigh a handful, dry it until crisp, weigh it again. Packing: fill a bucket as you fill the basket, and weigh it.`}</Txt>
          </Card>
          {material ? (
            <View className="flex-row">
              <Button
                look="quiet"
                size="small"
                label={
                  plant?.origin === "own" ? t`Delete plant` : t`Back to the figures from books`
                }
                onPress={() => {
                  dispatch(
                    bin(t`Own figures of ${plant?.name ?? t`the plant`} deleted.`, [material]),
                  );
                  router.replace("/bench/plants");
                }}
              />
            </View>
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
      {isNew || plant?.origin === "own" ? (
        <Card className="gap-3">
          <FormSelect
            control={control}
            name="like"
            label={t`Begin with the figures of`}
            options={book.all
              .filter(({ origin }) => origin === "catalogue")
              .map(({ id, name, part }) => ({ value: id, label: `${name}, ${part}` }))}
            onChosen={(chosen) => {
              const base = book.byId(chosen);
              if (isNew && base)
                reset({
                  ...plantFormDefaults(withProse(base, prose), chosen, units),
                  name: "",
                  code: "",
                });
            }}
          />
          <Txt variant="small">
            {likeness ? t`What you leave empty is like ${plantInSentence(likeness.name)}.` : null}
          </Txt>
          <FormText control={control} name="name" label={t`Name`} placeholder={t`Plant`} required />
          <FormText control={control} name="botanicalName" label={t`Botanical name`} />
          <NotAtHome control={control} />
          <View className="flex-row gap-3">
            <FormText
              control={control}
              name="part"
              label={t`Part`}
              placeholder={t`leaves`}
              required
            />
            <FormText
              control={control}
              name="code"
              label={t`Two letters for lot codes`}
              placeholder="AB"
              required
            />
          </View>
        </Card>
      ) : null}
      <StateFields control={control} units={units} />
      <WayFields control={control} />
    </Screen>
  );
}
