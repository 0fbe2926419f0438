import { useLocalSearchParams, useRouter } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import { fixed, showLoss, words } from "@/core/units/format";
import {
  type Calibration,
  CalibrationRefusal,
  type WaterRun,
  calibrate,
} from "@/core/still/calibrate";
import { heatSources } from "@/core/still/heatSources";
import { lossWPerK, vesselJPerK } from "@/core/still/stillFigures";
import { type NumberInput, type ReadNumber, readNumber, toInput } from "@/core/units/numberInput";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { pressureAtAltitudePa } from "@/core/water/atmosphere";
import { boilingPointC } from "@/core/water/saturation";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import type { Setting } from "@/records/setting";
import type { Still } from "@/records/still";
import { stillFigures } from "@/logbook/still/stillFigures";
import { calibrateStill, forgetCalibration } from "@/store/acts/calibrateStill";
import { useAppDispatch, useAppSelector, useUnits } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { useDraft } from "@/store/useDraft";
import { NotHere } from "@/ui/layout/NotHere";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { figureWords, figuresOf } from "@/words/figureWords";
import { wordsOf } from "@/words/glossary";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Explained } from "@/ui/primitives/Explained";
import { Notice } from "@/ui/primitives/Notice";
import { FigureName } from "@/ui/primitives/FigureName";
import { Txt } from "@/ui/primitives/Txt";
import { TypedBefore } from "@/ui/primitives/TypedBefore";
import { CalibrationOutcome } from "./CalibrationOutcome";
import { WaterRunFields, type WaterRunField } from "./WaterRunFields";
import { calibrationWords } from "@/words/calibrationWords";
import { calibrationProblemWords } from "@/words/refusalWords";

/** A clean run with water: three readings that make the forecast this still's own. */
export function CalibrateScreen() {
  const { id = "" } = useLocalSearchParams<{ id: string }>();
  const still = useAppSelector((state) => state.still.entities[id]);
  if (!still || still.deletedAt)
    return <NotHere what={t`This still`} back={{ href: "/bench", label: t`Bench` }} />;
  return <CalibrateForm still={still} />;
}

function CalibrateForm({ still }: { still: Still }) {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const { units, site } = preferences;
  const { typed, type, problem, readings, volumes, typedBefore, letGo, done } = useWaterRun(
    still,
    preferences,
  );
  const [refused, setRefused] = useState<string>();
  const boilC = boilingPointC(pressureAtAltitudePa(site.altitudeM));
  const usual = usualOf(still, boilC, site.airC);
  const solved = readings && solve(still, readings, site, units);

  function take(calibration: Calibration) {
    if (!readings) return;
    const kept = dispatch(calibrateStill(still, calibration, readings));
    if (!kept.ok) return setRefused(kept.problem);
    done();
    router.replace(`/bench/stills/${still.id}`);
  }

  const whole = solved && "efficiency" in solved ? solved : undefined;
  return (
    <Screen
      over={still.name}
      title={t`Calibrate with water`}
      back={{ href: `/bench/stills/${still.id}`, label: still.name }}
      words={
        <WordsHere
          all="/bench/words"
          guide="/bench/guide?about=Your%20still"
          figures={figuresOf(["heatIn"])}
          words={wordsOf(["calibration"])}
        />
      }
      onSubmit={() => whole && take(whole)}
      footer={
        <View className="gap-2">
          {refused ? (
            <Notice answersPress severity="error" message={t`Not kept: ${refused}.`} />
          ) : null}
          <Button
            label={t`Save calibration`}
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
            <CalibrationOutcome
              still={still}
              usual={usual}
              solved={whole}
              preferences={preferences}
            />
          ) : (
            <WhatItSettles usual={usual} />
          )}
          {still.calibration ? <LastCalibration still={still} /> : null}
        </>
      }
    >
      <TypedBefore shown={typedBefore} onLetGo={letGo} />
      <WaterRunFields
        still={still}
        boilC={boilC}
        typed={typed}
        onType={type}
        problem={problem}
        volumes={volumes}
        units={units}
      />
      <Notice
        severity="caution"
        message={t`A still under test is a still under steam. Keep its way out open, the cooling on and the water above the dry line. Stay with it.`}
      />
    </Screen>
  );
}

/** What is usual for a still that was never calibrated. */
function usualOf(still: Still, boilC: number, airC: number): Calibration {
  return {
    efficiency: heatSources[still.heat.kind].usualEfficiency,
    lossWPerK: lossWPerK({ ...stillFigures(still), lossWPerK: undefined }, boilC, airC),
  };
}

/** The fields of a run with water: what stands in them, what is wrong, and the readings once all are right. */
function useWaterRun(still: Still, { units, site }: Setting) {
  const before = still.calibration;
  const volumes =
    units === "metric" ? (["L", "mL", "gal"] as const) : (["gal", "floz", "L"] as const);
  const [beginning] = useState(() => ({
    water: toInput(before?.waterMl, volumes[0]),
    start: toInput(before?.startC ?? site.waterC, unitsFor("temperature", units)[0] ?? "C"),
    boil: toInput(before?.minutesToBoil, "min"),
    rate: toInput(before?.rateMlPerMin, unitsFor("volume", units)[0]!),
  }));
  const draft = useDraft(`calibrate/${still.id}`, beginning);
  const [typed, setTyped] = useState(draft.start);
  const type = (field: WaterRunField) => (input: NumberInput) => {
    const next = { ...typed, [field]: input };
    setTyped(next);
    draft.note(next);
  };
  const fields = {
    water: readNumber(typed.water, { name: t`Water`, ...limits.positive }),
    start: readNumber(typed.start, { name: t`The start`, ...limits.startC }),
    boil: readNumber(typed.boil, { name: t`The time`, ...limits.positive }),
    rate: readNumber(typed.rate, { name: t`The drip rate`, ...limits.positive }),
  };
  const readings = readingsOf(fields);
  const problem = (field: WaterRunField) => {
    const read = fields[field];
    return typed[field].text && !read.ok ? read.problem : undefined;
  };

  return {
    typed,
    type,
    problem,
    readings,
    volumes,
    typedBefore: draft.typedBefore,
    letGo() {
      draft.done();
      setTyped(beginning);
    },
    done: draft.done,
  };
}

type Readings = Pick<WaterRun, "waterMl" | "startC" | "minutesToBoil" | "rateMlPerMin">;

/** The four readings, once all of them are numbers. */
function readingsOf(fields: Record<WaterRunField, ReadNumber>): Readings | undefined {
  const { water, start, boil, rate } = fields;
  return water.ok && start.ok && boil.ok && rate.ok
    ? {
        waterMl: water.value,
        startC: start.value,
        minutesToBoil: boil.value,
        rateMlPerMin: rate.value,
      }
    : undefined;
}

function solve(
  still: Still,
  readings: Readings,
  site: Setting["site"],
  units: UnitSystem,
): Calibration | { problem: string } {
  try {
    return calibrate({
      ...readings,
      airC: site.airC,
      pressurePa: pressureAtAltitudePa(site.altitudeM),
      powerW: still.heat.powerW,
      vesselJPerK: vesselJPerK(stillFigures(still)),
    });
  } catch (error) {
    if (!(error instanceof CalibrationRefusal)) throw error;
    return { problem: calibrationProblemWords(error.why, units) };
  }
}

function WhatItSettles({ usual }: { usual: Calibration }) {
  const units = useUnits();
  return (
    <Card className="gap-2">
      <FigureName variant="heading" name={t`What it settles`} about={figureWords.heatIn} />
      <Txt>{t`How much of the heat reaches the pot, and how much the still gives to the room. Every time, level and volume of the plan rests on these two.`}</Txt>
      <Txt variant="small">{t`Until then: ${fixed(usual.efficiency * 100, 0)} % and ${words(showLoss(usual.lossWPerK, units))}, as is usual.`}</Txt>
      <Explained about="heatLoss" />
    </Card>
  );
}

/** What stands from the last run with water, and the way back. */
function LastCalibration({ still }: { still: Still }) {
  const dispatch = useAppDispatch();
  return (
    <Card className="gap-2">
      <Txt variant="small">{t`Last: ${calibrationWords(still)}`}</Txt>
      <View className="flex-row">
        <Button
          look="quiet"
          size="small"
          label={t`Back to the usual`}
          onPress={() => dispatch(forgetCalibration(still))}
        />
      </View>
    </Card>
  );
}
