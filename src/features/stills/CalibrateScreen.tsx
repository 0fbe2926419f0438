import { useLocalSearchParams, useRouter } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import {
  calibrate,
  CalibrationRefusal,
  heatSources,
  boilingPointC,
  lossWPerK,
  planCharges,
  plantById,
  pressureAtAltitudePa,
  showDuration,
  unitsFor,
  vesselJPerK,
  methodsOf,
  type Calibration,
  fixed,
  readNumber,
  toInput,
  type NumberInput,
} from "@/core";
import { limits } from "@/messages/limits";
import type { Setting } from "@/records/setting";
import type { Still } from "@/records/still";
import { stillFigures } from "@/logbook/still/stillFigures";
import { keepUndoable } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { useDraft } from "@/store/useDraft";
import { NotHere } from "@/ui/layout/NotHere";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Explained } from "@/ui/primitives/Explained";
import { Notice } from "@/ui/primitives/Notice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Table } from "@/ui/primitives/Table";
import { Txt } from "@/ui/primitives/Txt";
import { TypedBefore } from "@/ui/primitives/TypedBefore";
import { calibrationWords } from "@/words/calibrationWords";
import { calibrationProblemWords } from "@/words/refusalWords";

/** A clean run with water: three readings that make the forecast this still's own. */
export function CalibrateScreen() {
  const { id = "" } = useLocalSearchParams<{ id: string }>();
  const still = useAppSelector((state) => state.still.entities[id]);
  if (!still || still.deletedAt)
    return <NotHere what="This still" back={{ href: "/bench", label: "Bench" }} />;
  return <CalibrateForm still={still} />;
}

function CalibrateForm({ still }: { still: Still }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const { units, site } = preferences;
  const before = still.calibration;
  const volumes =
    units === "metric" ? (["L", "mL", "gal"] as const) : (["gal", "floz", "L"] as const);
  const [beginning] = useState(() => ({
    water: toInput(before?.waterMl, volumes[0]),
    start: toInput(before?.startC ?? site.waterC, unitsFor("temperature", units)[0] ?? "C"),
    boil: toInput(before?.minutesToBoil, "min"),
    rate: toInput(before?.rateMlPerMin, "mL"),
  }));
  const draft = useDraft(`calibrate/${still.id}`, beginning);
  const [typed, setTyped] = useState(draft.start);
  const [refused, setRefused] = useState<string>();
  const { water, start, boil, rate } = typed;
  const type = (field: keyof typeof typed) => (input: NumberInput) => {
    const next = { ...typed, [field]: input };
    setTyped(next);
    draft.note(next);
  };
  const fields = {
    water: readNumber(water, { name: "Water", ...limits.positive }),
    start: readNumber(start, { name: "The start", ...limits.startC }),
    boil: readNumber(boil, { name: "The time", ...limits.positive }),
    rate: readNumber(rate, { name: "The drip rate", ...limits.positive }),
  };
  const figures = stillFigures(still);
  const boilC = boilingPointC(pressureAtAltitudePa(site.altitudeM));
  const usual: Calibration = {
    efficiency: heatSources[still.heat.kind].usualEfficiency,
    lossWPerK: lossWPerK({ ...figures, lossWPerK: undefined }, boilC, site.airC),
  };
  const solved = solve();
  const problem = (field: keyof typeof fields, text: string) => {
    const read = fields[field];
    return text && !read.ok ? read.problem : undefined;
  };

  function solve(): Calibration | { problem: string } | undefined {
    const { water: w, start: s, boil: b, rate: r } = fields;
    if (!w.ok || !s.ok || !b.ok || !r.ok) return undefined;
    try {
      return calibrate({
        waterMl: w.value,
        startC: s.value,
        airC: site.airC,
        pressurePa: pressureAtAltitudePa(site.altitudeM),
        powerW: still.heat.powerW,
        vesselJPerK: vesselJPerK(figures),
        minutesToBoil: b.value,
        rateMlPerMin: r.value,
      });
    } catch (error) {
      if (!(error instanceof CalibrationRefusal)) throw error;
      return { problem: calibrationProblemWords(error.why, units) };
    }
  }

  function take({ efficiency, lossWPerK: loss }: Calibration) {
    const { water: w, start: s, boil: b, rate: r } = fields;
    if (!w.ok || !s.ok || !b.ok || !r.ok) return;
    const kept = dispatch(
      keepUndoable(`${still.name} is calibrated.`, [
        {
          ...still,
          heat: { ...still.heat, efficiency },
          lossWPerK: loss,
          calibration: {
            on: new Date().toISOString(),
            waterMl: w.value,
            startC: s.value,
            minutesToBoil: b.value,
            rateMlPerMin: r.value,
          },
        },
      ]),
    );
    if (!kept.ok) return setRefused(kept.problem);
    draft.done();
    router.replace(`/bench/stills/${still.id}`);
  }

  const whole = solved && "efficiency" in solved ? solved : undefined;
  return (
    <Screen
      over={still.name}
      title="Calibrate with water"
      back={{ href: `/bench/stills/${still.id}`, label: still.name }}
      onSubmit={() => whole && take(whole)}
      footer={
        <View className="gap-2">
          {refused ? <Notice severity="error" message={`Not kept: ${refused}.`} /> : null}
          <Button
            label="Keep this calibration"
            disabled={!whole}
            onPress={() => whole && take(whole)}
          />
        </View>
      }
      aside={
        <>
          {solved && "problem" in solved ? (
            <Notice severity="error" message={solved.problem} />
          ) : null}
          {whole ? (
            <Outcome still={still} usual={usual} solved={whole} preferences={preferences} />
          ) : (
            <Card className="gap-2">
              <Txt variant="heading">What it settles</Txt>
              <Txt>
                How much of the heat reaches the pot, and how much the still gives to the room.
                Every time, level and volume of the plan rests on these two.
              </Txt>
              <Txt variant="small">{`Until then: ${fixed(usual.efficiency * 100, 0)} % and ${fixed(usual.lossWPerK, 1)} W/K, as is usual.`}</Txt>
              <Explained terms={["W/K"]} />
            </Card>
          )}
          {before ? (
            <Card className="gap-2">
              <Txt variant="small">{`Last: ${calibrationWords(still)}`}</Txt>
              <View className="flex-row">
                <Button
                  look="quiet"
                  size="small"
                  label="Back to the usual"
                  onPress={() =>
                    dispatch(
                      keepUndoable("Calibration taken away.", [
                        {
                          ...still,
                          heat: { kind: still.heat.kind, powerW: still.heat.powerW },
                          lossWPerK: undefined,
                          calibration: undefined,
                        },
                      ]),
                    )
                  }
                />
              </View>
            </Card>
          ) : null}
        </>
      }
    >
      <TypedBefore
        shown={draft.typedBefore}
        onLetGo={() => {
          draft.done();
          setTyped(beginning);
        }}
      />
      <Card className="gap-3">
        <Txt>
          Fill the clean still with water alone and run it on full heat until it drips steadily.
          That is your clean run as well: pour the first distillate away.
        </Txt>
        <View className="flex-row gap-3">
          <NumberField
            label="Water in the pot"
            value={water}
            onChange={type("water")}
            required
            choices={volumes}
            problem={problem("water", water.text)}
          />
          <NumberField
            label="It was at"
            value={start}
            onChange={type("start")}
            required
            choices={unitsFor("temperature", units)}
            problem={problem("start", start.text)}
          />
        </View>
        <NumberField
          label="From heat on to a full boil"
          value={boil}
          onChange={type("boil")}
          required
          choices={["min"]}
          problem={problem("boil", boil.text)}
        />
        <NumberField
          label="Distillate in a minute, once it is steady"
          value={rate}
          onChange={type("rate")}
          required
          choices={["mL"]}
          help="Catch five minutes in a measure and divide by five."
          problem={problem("rate", rate.text)}
        />
        <Txt variant="small">{`Reckoned with ${still.heat.powerW} W, ${still.emptyMassG} g of ${still.metal} and a boil at ${fixed(boilC, 1)} °C.`}</Txt>
      </Card>
      <Notice
        severity="caution"
        message="A still under test is a still under steam: vapour path open, cooling on, above the dry line, and you stay with it."
      />
    </Screen>
  );
}

interface OutcomeProps {
  still: Still;
  usual: Calibration;
  solved: Calibration;
  preferences: Setting;
}

/** What the calibration says, and how much it changes a middling charge. */
function Outcome({ still, usual, solved, preferences }: OutcomeProps) {
  const times = (calibration: Calibration) => {
    const figures = stillFigures({
      ...still,
      heat: { ...still.heat, efficiency: calibration.efficiency },
      lossWPerK: calibration.lossWPerK,
    });
    const { forecast } = planCharges({
      still: figures,
      plant: plantById("lavender")!,
      state: "fresh",
      massG: 500,
      charges: 1,
      method: methodsOf(figures.shape)[0] ?? "steam",
      stop: { perKg: 1 },
      site: preferences.site,
    });
    return forecast;
  };
  const [from, to] = [times(usual), times(solved)];
  const rows: [string, string, string][] = [
    [
      "Reaches the pot",
      `${fixed(usual.efficiency * 100, 0)} %`,
      `${fixed(solved.efficiency * 100, 0)} %`,
    ],
    ["Lost to the room", `${fixed(usual.lossWPerK, 1)} W/K`, `${fixed(solved.lossWPerK, 1)} W/K`],
    [
      "First drop of 500 g",
      showDuration(from.minutesToFirstDrop ?? NaN),
      showDuration(to.minutesToFirstDrop ?? NaN),
    ],
    ["A minute", `${fixed(from.rateMlPerMin, 0)} mL`, `${fixed(to.rateMlPerMin, 0)} mL`],
  ];
  return (
    <Card wash="leaf" className="gap-2">
      <Txt variant="heading">Your still, not the usual one</Txt>
      <Table label="Usual and measured" head={["", "usual", "yours"]} rows={rows} />
      <Explained terms={["W/K"]} />
      <Txt variant="small" className="text-ink">
        With a calibration the plan allows 3 % either way for the heat, instead of 10 %.
      </Txt>
    </Card>
  );
}
