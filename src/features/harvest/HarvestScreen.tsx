import { useLocalSearchParams, useRouter } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import {
  fixed,
  noonOf,
  readNumber,
  showDayLong,
  showDuration,
  showMass,
  toInput,
  unitsFor,
  words,
  type NumberInput,
} from "@/core";
import { harvestLeftG } from "@/logbook/harvest/harvestLeft";
import { harvestNow, percentText } from "@/logbook/harvest/harvestNow";
import { limits } from "@/messages/limits";
import { growths, skies, type Harvest } from "@/records/harvest";
import { beginPlan } from "@/store/beginPlan";
import { bin, keep, keepUndoable } from "@/store/changes";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import { selectPreferences, selectRuns } from "@/store/selectors";
import { useKept } from "@/store/useKept";
import { Steps } from "@/ui/charts/Steps";
import { NotHere } from "@/ui/layout/NotHere";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { Facts } from "@/ui/primitives/Facts";
import { Notice } from "@/ui/primitives/Notice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Row } from "@/ui/primitives/Row";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";
import { growthWords, skyWords, wiltingWords } from "@/words/harvestWords";

/** A harvest as it was cut and as it lies: weighed again, its water follows, and the plan takes it so. */
export function HarvestScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const harvest = useAppSelector((state) => state.harvest.entities[id ?? ""]);
  if (!harvest || harvest.deletedAt)
    return <NotHere what="This harvest" back={{ href: "/", label: "Today" }} />;
  return <OneHarvest harvest={harvest} />;
}

function OneHarvest({ harvest }: { harvest: Harvest }) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const book = usePlantBook();
  const { units } = useAppSelector(selectPreferences);
  const runs = useAppSelector(selectRuns);
  const plant = book.byId(harvest.plantId);
  const name = plant?.name ?? harvest.plantId;
  const { firstMoisture, moisture, state, curve, signs } = harvestNow(harvest, book);
  const leftG = harvestLeftG(harvest, runs);
  const mass = (g: number) => words(showMass(g, units));
  const own = runs.filter(({ harvestId }) => harvestId === harvest.id);
  const change = (part: Partial<Harvest>, label = "The harvest is changed.") =>
    dispatch(keepUndoable(label, [{ ...harvest, ...part }]));
  const aim = plant?.states.wilted?.moisture;
  return (
    <Screen
      title={name}
      pageTitle={`Harvest of ${name}`}
      over={`Harvest of ${showDayLong(noonOf(harvest.cutOn))}`}
      back={{ href: "/", label: "Today" }}
      footer={
        leftG > 0 ? (
          <Button
            label={`Plan ${mass(leftG)} of it`}
            onPress={() => {
              dispatch(
                beginPlan({
                  harvestId: harvest.id,
                  plantId: harvest.plantId,
                  state: plant?.states[state] ? state : harvest.state,
                  moistureText: harvest.weighings?.length ? percentText(moisture) : "",
                  massText: String(Math.round(leftG)),
                  massUnit: "g",
                }),
              );
              router.push("/plan");
            }}
          />
        ) : undefined
      }
      aside={
        <>
          <Card className="gap-2">
            <Facts
              facts={[
                ["Cut", mass(harvest.massG)],
                ["Now", `${mass(curve.at(-1)!.massG)}, ${state}`],
                [
                  "Water in it",
                  `${fixed(100 * moisture, 0)} %, at first ${fixed(100 * firstMoisture, 0)} %`,
                ],
                ["Left of it", leftG > 0 ? mass(leftG) : "nothing"],
                ["Dry matter", mass(harvest.massG * (1 - firstMoisture))],
              ]}
            />
            <Txt variant="small">
              {harvest.moisture === undefined
                ? "Reckoned from the water such a plant usually holds when it is cut."
                : "Reckoned from the water it held when it was cut."}
            </Txt>
          </Card>
          {own.map((run) => (
            <Row
              key={run.id}
              href={`/runs/${run.id}`}
              title={`Run ${run.number}`}
              detail={mass(run.plan.chargeG)}
            />
          ))}
          {plant?.hazards.map((hazard) => (
            <Notice key={hazard} severity="note" message={hazard} />
          ))}
          <Txt variant="small">
            Be certain of the plant, leave enough standing, and none that was sprayed or stands by a
            road.
          </Txt>
          <View className="flex-row">
            <Button
              look="quiet"
              size="small"
              label="Bin this harvest"
              onPress={() => {
                dispatch(bin("The harvest is in the bin.", [harvest]));
                router.replace("/");
              }}
            />
          </View>
        </>
      }
    >
      {signs.map((sign) => (
        <Notice key={sign} severity="caution" {...wiltingWords[sign]} />
      ))}
      <WeighAgain harvest={harvest} />
      {curve.length > 1 ? (
        <Card className="gap-2">
          <Txt variant="heading">As it lay</Txt>
          <Steps
            points={curve.map((point) => ({
              minutes: point.hours * 60,
              value: Number((100 * point.moisture).toFixed(1)),
            }))}
            unit="%"
            inWords={`Water in it over the hours: ${curve.map((point) => `${fixed(100 * point.moisture, 0)} % after ${showDuration(point.hours * 60)}`).join(", ")}.`}
          />
          <Txt variant="small">
            {aim === undefined
              ? "Per cent of water over the time since it was cut."
              : `Per cent of water since it was cut. Such a plant is usually called wilted at ${fixed(100 * aim, 0)} %.`}
          </Txt>
          {(harvest.weighings ?? []).map((weighing, i) => (
            <View key={weighing.at} className="flex-row items-center justify-between gap-3">
              <Txt>{`${mass(weighing.massG)} after ${showDuration(curve[i + 1]!.hours * 60)}`}</Txt>
              <Button
                look="plain"
                size="small"
                leaves
                label="Strike out"
                hint={`Strike out ${mass(weighing.massG)}`}
                onPress={() =>
                  change(
                    { weighings: (harvest.weighings ?? []).filter(({ at }) => at !== weighing.at) },
                    "That weighing is struck out.",
                  )
                }
              />
            </View>
          ))}
        </Card>
      ) : null}
      <Card className="gap-3">
        <Choice
          label="Growth"
          shown
          options={growths.map((value) => ({ value, label: growthWords[value] }))}
          value={harvest.growth}
          onChange={(growth) => change({ growth })}
        />
        <Choice
          label="Weather"
          shown
          options={skies.map((value) => ({ value, label: skyWords[value] }))}
          value={harvest.sky}
          onChange={(sky) => change({ sky })}
        />
        <HarvestFields harvest={harvest} />
      </Card>
    </Screen>
  );
}

/** What lies, on the scale once more. */
function WeighAgain({ harvest }: { harvest: Harvest }) {
  const dispatch = useAppDispatch();
  const { units } = useAppSelector(selectPreferences);
  const choices = unitsFor("plantMass", units);
  const empty = toInput(undefined, choices[0] ?? "g");
  const [{ mass }, change] = useKept(`weigh/${harvest.id}`, { mass: empty });
  const [tried, setTried] = useState(false);
  const read = readNumber(mass, { name: "The weight", ...limits.positive });
  const weigh = () => {
    setTried(!read.ok);
    if (!read.ok) return;
    const weighing = { at: new Date().toISOString(), massG: read.value };
    const label = `${words(showMass(read.value, units))} now.`;
    const weighings = [...(harvest.weighings ?? []), weighing];
    if (dispatch(keepUndoable(label, [{ ...harvest, weighings }])).ok) change({ mass: empty });
  };
  return (
    <Card className="gap-3">
      <Txt variant="heading">Weigh it again</Txt>
      <NumberField
        label="All that lies here weighs"
        value={mass}
        onChange={(next) => change({ mass: next })}
        choices={choices}
        problem={tried && !read.ok ? read.problem : undefined}
      />
      <Button look="quiet" label="Note the weight" onPress={weigh} />
    </Card>
  );
}

/** Place, owner, dry days and a note; kept letter by letter, like the fields of the bench. */
function HarvestFields({ harvest }: { harvest: Harvest }) {
  const dispatch = useAppDispatch();
  const [typed, setTyped] = useState({
    place: harvest.place ?? "",
    whose: harvest.whose ?? "",
    note: harvest.note ?? "",
  });
  const [dry, setDry] = useState<NumberInput>(toInput(harvest.dryDays, "one"));
  const range = { name: "Dry days", ...limits.dryDays };
  const read = readNumber(dry, range);
  const field = (name: keyof typeof typed) => ({
    value: typed[name],
    onChange: (text: string) => {
      setTyped((before) => ({ ...before, [name]: text }));
      dispatch(keep({ ...harvest, [name]: text.trim() || undefined }));
    },
  });
  return (
    <>
      <TextField label="Place" {...field("place")} />
      <TextField label="Whose, if not yours" {...field("whose")} />
      <NumberField
        label="Dry days before"
        value={dry}
        choices={[]}
        problem={dry.text && !read.ok ? read.problem : undefined}
        onChange={(next) => {
          setDry(next);
          const now = readNumber(next, range);
          if (now.ok || next.text.trim() === "")
            dispatch(keep({ ...harvest, dryDays: now.ok ? now.value : undefined }));
        }}
      />
      <TextField label="Note" lines={3} maxLength={5000} {...field("note")} />
    </>
  );
}
