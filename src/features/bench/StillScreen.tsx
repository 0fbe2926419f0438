import { zodResolver } from "@hookform/resolvers/zod";
import { useLocalSearchParams, useRouter } from "expo-router";
import { useFieldArray, useForm, useWatch } from "react-hook-form";
import { View } from "react-native";
import { newRecord } from "@/records/base";
import type { Still } from "@/records/still";
import { bin, keep } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { FormChoice, FormText } from "@/ui/primitives/form";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";
import { calibrationWords } from "./calibrationWords";
import { CondenserFields, HeatFields, PotFields, ReceiverFields } from "./StillFormFields";
import { stillFormDefaults, stillFormSchema, stillFromForm } from "./stillForm";
import { StillSketch } from "./StillSketch";
import { constructions, metals } from "./stillWords";

/** One still: its measures at the left, drawn as they are typed at the right. */
export function StillScreen() {
  const { id = "new" } = useLocalSearchParams<{ id: string }>();
  const still = useAppSelector((state) => state.still.entities[id]);
  return <StillForm key={id} still={still?.deletedAt ? undefined : still} />;
}

function StillForm({ still }: { still: Still | undefined }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const { units } = useAppSelector(selectPreferences);
  const { control, handleSubmit } = useForm({
    resolver: zodResolver(stillFormSchema),
    defaultValues: stillFormDefaults(still, units),
    mode: "onBlur",
  });
  const receivers = useFieldArray({ control, name: "receivers" });
  const typed = useWatch({ control });
  const read = stillFormSchema.safeParse(typed);
  const construction = typed.construction ?? "basketPot";
  const save = handleSubmit((form) => {
    dispatch(keep({ ...(still ?? newRecord("still", new Date())), ...stillFromForm(form) }));
    router.replace("/bench");
  });
  return (
    <Screen
      title={still ? still.name : "A still"}
      back={{ href: "/bench", label: "Bench" }}
      footer={<Button label="Keep this still" onPress={() => void save()} />}
      aside={
        <>
          <Card className="px-2">
            {read.success ? (
              <StillSketch
                still={{ ...newRecord("still", new Date(0)), ...stillFromForm(read.data) }}
              />
            ) : (
              <Txt variant="small" className="p-4">
                The still is drawn here to scale once its measures are whole.
              </Txt>
            )}
          </Card>
          {still ? (
            <>
              <Row
                href={`/bench/stills/${still.id}/calibrate`}
                title="Calibrate with water"
                detail={calibrationWords(still)}
              />
              <View className="flex-row">
                <Button
                  look="quiet"
                  size="small"
                  label="Bin this still"
                  onPress={() => {
                    dispatch(bin(`${still.name} is in the bin.`, [still]));
                    router.replace("/bench");
                  }}
                />
              </View>
            </>
          ) : null}
        </>
      }
    >
      <Card className="gap-3">
        <FormText control={control} name="name" label="Name" placeholder="Copper pot, 12 L" />
        <FormChoice control={control} name="construction" label="Kind" options={constructions} />
        <FormChoice control={control} name="metal" label="Made of" options={metals} />
      </Card>
      <PotFields control={control} construction={construction} units={units} />
      <HeatFields control={control} heatKind={typed.heatKind ?? "plate"} />
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
