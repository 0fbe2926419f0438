import { zodResolver } from "@hookform/resolvers/zod";
import { useLocalSearchParams, useRouter } from "expo-router";
import { useForm, useWatch } from "react-hook-form";
import { View } from "react-native";
import {
  chargeLevels,
  defaultEfficiency,
  showVolume,
  unitsFor,
  words,
  type Construction,
  type HeatKind,
} from "@/core";
import { newRecord } from "@/records/base";
import type { Still } from "@/records/still";
import { stillShape } from "@/records/stillFigures";
import { bin, keep } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { StillDrawing } from "@/ui/drawings/StillDrawing";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { FormChoice, FormNumber, FormText } from "@/ui/primitives/form";
import { Txt } from "@/ui/primitives/Txt";
import { stillFormDefaults, stillFormSchema, stillFromForm } from "./stillForm";

const constructions: { value: Construction; label: string }[] = [
  { value: "basketPot", label: "Pot with basket" },
  { value: "flask", label: "Flask, plant in water" },
  { value: "separateVessel", label: "Boiler and plant vessel" },
];
const metals: { value: Still["metal"]; label: string }[] = [
  { value: "copper", label: "Copper" },
  { value: "stainless", label: "Steel" },
  { value: "glass", label: "Glass" },
  { value: "aluminium", label: "Aluminium" },
];
const heats: { value: HeatKind; label: string }[] = [
  { value: "element", label: "Element inside" },
  { value: "induction", label: "Induction" },
  { value: "plate", label: "Electric plate" },
  { value: "gas", label: "Gas ring" },
  { value: "externalSteam", label: "Outside steam" },
];

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
  const typed = useWatch({ control });
  const read = stillFormSchema.safeParse(typed);
  const construction = typed.construction ?? "basketPot";
  const volumes =
    units === "metric" ? (["L", "mL", "gal"] as const) : (["gal", "floz", "L"] as const);
  const lengths = unitsFor("length", units);
  const save = handleSubmit((form) => {
    dispatch(keep({ ...(still ?? newRecord("still", new Date())), ...stillFromForm(form) }));
    router.replace("/bench");
  });
  const holder = construction === "basketPot" ? "Basket" : "Plant vessel";
  return (
    <Screen
      title={still ? still.name : "A still"}
      back={{ href: "/bench", label: "Bench" }}
      footer={<Button label="Keep this still" onPress={() => void save()} />}
      aside={
        <>
          <Card className="px-2">
            {read.success ? (
              <Sketch still={{ ...newRecord("still", new Date(0)), ...stillFromForm(read.data) }} />
            ) : (
              <Txt variant="small" className="p-4">
                The still is drawn here to scale once its measures are whole.
              </Txt>
            )}
          </Card>
          {still ? (
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
          ) : null}
        </>
      }
    >
      <Card className="gap-3">
        <FormText control={control} name="name" label="Name" placeholder="Copper pot, 12 L" />
        <FormChoice control={control} name="construction" label="Kind" options={constructions} />
        <FormChoice control={control} name="metal" label="Made of" options={metals} />
      </Card>
      <Card className="gap-3">
        <View className="flex-row gap-3">
          <FormNumber
            control={control}
            name="potVolume"
            label={construction === "separateVessel" ? "Boiler holds" : "Pot holds"}
            choices={volumes}
          />
          <FormNumber
            control={control}
            name="potDiameter"
            label="Inside diameter"
            choices={lengths}
          />
        </View>
        {construction === "flask" ? null : (
          <View className="flex-row gap-3">
            <FormNumber
              control={control}
              name="holderVolume"
              label={`${holder} holds`}
              choices={volumes}
            />
            <FormNumber
              control={control}
              name="holderDiameter"
              label={`${holder} diameter`}
              choices={lengths}
            />
          </View>
        )}
        <View className="flex-row gap-3">
          {construction === "basketPot" ? (
            <FormNumber
              control={control}
              name="basketFloor"
              label="Grid above the floor"
              choices={lengths}
            />
          ) : null}
          <FormNumber
            control={control}
            name="dryLine"
            label="Dry line"
            choices={unitsFor("volume", units)}
            help="Least water that covers element or floor safely"
          />
        </View>
        <View className="flex-row gap-3">
          <FormNumber
            control={control}
            name="emptyMass"
            label="Empty, it weighs"
            choices={units === "metric" ? ["kg", "lb"] : ["lb", "kg"]}
          />
          <FormNumber
            control={control}
            name="jar"
            label="Usual jar"
            choices={unitsFor("volume", units)}
          />
        </View>
        <FormNumber
          control={control}
          name="holdUp"
          label="Oil left on the tubes"
          choices={["mL"]}
          help="0.1 to 0.5 mL is usual"
        />
      </Card>
      <Card className="gap-3">
        <FormChoice control={control} name="heatKind" label="Heat" options={heats} />
        <View className="flex-row gap-3">
          <FormNumber control={control} name="power" label="Power" choices={["W", "kW"]} />
          <FormNumber
            control={control}
            name="efficiency"
            label="Reaches the pot"
            choices={[]}
            suffix="%"
            placeholder={`usual: ${(defaultEfficiency[typed.heatKind ?? "plate"] * 100).toFixed(0)}`}
          />
        </View>
      </Card>
    </Screen>
  );
}

/** The still half full, to see that its measures are right. */
function Sketch({ still }: { still: Still }) {
  const { units } = useAppSelector(selectPreferences);
  const shape = stillShape(still);
  const hydro = shape.construction === "flask";
  const belowBasket = shape.basket
    ? ((shape.basket.floorMm - 20) / 10) * Math.PI * (shape.potDiameterMm / 20) ** 2
    : Infinity;
  const waterMl = Math.max(0, Math.min(still.potVolumeMl / 2, belowBasket));
  const holderMl = shape.vessel?.volumeMl ?? shape.basket?.volumeMl ?? 0;
  const levels = chargeLevels(shape, {
    method: hydro ? "hydro" : "steam",
    waterMl,
    chargeG: holderMl * 0.75,
    packingGPerL: 1000,
  });
  return (
    <StillDrawing
      shape={shape}
      levels={levels}
      hydro={hydro}
      heatKind={still.heat.kind}
      jar={{ sizeMl: still.jarMl, hydrosolMl: still.jarMl / 2, oilMl: 0 }}
      labels={{
        water: { shown: showVolume(waterMl, units), what: "water" },
        dryLine: { shown: showVolume(still.dryLineMl, units), what: "dry line" },
        hydrosol: { shown: showVolume(still.jarMl, units), what: "jar" },
      }}
      inWords={`${still.name || "The still"} to scale: it holds ${words(showVolume(still.potVolumeMl, units))}, dry line at ${words(showVolume(still.dryLineMl, units))}.`}
    />
  );
}
