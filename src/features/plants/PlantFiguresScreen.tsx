import { useLocalSearchParams, useRouter } from "expo-router";
import { Suspense } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import type { Material } from "@/records/material";
import type { KnownPlant } from "@/logbook/plant/plantBook";
import { bin } from "@/store/changes";
import { useAppDispatch, useAppSelector, useUnits } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { NotHere } from "@/ui/layout/NotHere";
import { Opening } from "@/ui/layout/Opening";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { TypedBefore } from "@/ui/primitives/TypedBefore";
import { OilFields } from "./OilFields";
import { ToldOfPlant } from "./ToldOfPlant";
import { usePlantForm } from "./usePlantForm";
import { WhichPlant } from "./WhichPlant";
import { StateFields } from "./StateFields";
import { WayFields } from "./WayFields";

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
  const router = useRouter();
  const dispatch = useAppDispatch();
  const units = useUnits();
  const book = usePlantBook();
  const { plant, control, save, problem, incomplete, typedBefore, beginLike, letGo } = usePlantForm(
    known,
    material,
  );
  return (
    <Screen
      over={plant?.botanicalName}
      title={plant ? t`${plant.name}: figures` : t`A plant of your own`}
      back={{
        href: plant ? `/bench/plants/${plant.id}` : "/bench/plants",
        label: plant?.name ?? t`Plants`,
      }}
      onSubmit={() => void save()}
      footer={
        <View className="gap-2">
          {problem ? (
            <Notice answersPress severity="error" message={t`Not kept: ${problem}.`} />
          ) : null}
          {incomplete ? (
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
          <ToldOfPlant control={control} />
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
      <TypedBefore shown={typedBefore} onLetGo={letGo} />
      {!plant || plant.origin === "own" ? (
        <WhichPlant
          control={control}
          book={book}
          onLike={(chosen) => (plant ? undefined : beginLike(chosen))}
        />
      ) : null}
      <StateFields control={control} units={units} />
      <WayFields control={control} />
    </Screen>
  );
}
