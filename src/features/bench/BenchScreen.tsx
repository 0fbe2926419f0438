import { useRouter } from "expo-router";
import { View } from "react-native";
import {
  boilingPointC,
  pressureAtAltitudePa,
  showMass,
  showTemperature,
  showVolume,
  words,
} from "@/core";
import { newRecord } from "@/records/base";
import { heatWords } from "@/words/heatWords";
import { readyMadeStills } from "@/logbook/still/readyMadeStills";
import type { Setting } from "@/records/setting";
import type { Still } from "@/records/still";
import { changePreferences, keep } from "@/store/changes";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import { selectMeasures, selectPreferences, selectStills } from "@/store/selectors";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Check } from "@/ui/primitives/Check";
import { Choice } from "@/ui/primitives/Choice";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";
import { constructionWords } from "@/words/stillWords";
import { Measures } from "./Measures";
import { PlaceFields } from "./PlaceFields";
import { PriceFields } from "./PriceFields";
import { SiteFields } from "./SiteFields";

/** Stills, the place they stand, measures, units and data: what everything else rests on. */
export function BenchScreen() {
  const router = useRouter();
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const { units, site } = preferences;
  const stills = useAppSelector(selectStills);
  const measures = useAppSelector(selectMeasures);
  const book = usePlantBook();
  const own = book.all.filter(({ ownFigures }) => ownFigures.length > 0).length;
  const boilC = boilingPointC(pressureAtAltitudePa(site.altitudeM));
  const missing = readyMadeStills.filter(
    ({ name }) => !stills.some((still) => still.name === name),
  );

  function add(figures: (typeof readyMadeStills)[number]) {
    const still: Still = { ...newRecord("still", new Date()), ...figures };
    dispatch(keep(still));
  }
  return (
    <Screen
      title="Bench"
      aside={
        <>
          <Card className="gap-3">
            <Txt variant="heading">Where you distil</Txt>
            <SiteFields preferences={preferences} />
            <Txt variant="small">{`Water boils here at ${words(showTemperature(boilC, units))}.`}</Txt>
          </Card>
          <Card className="gap-3">
            <Choice
              shown
              label="Units"
              options={[
                { value: "metric", label: "g, mL, °C" },
                { value: "us", label: "oz, fl oz, °F" },
              ]}
              value={units}
              onChange={(next) => dispatch(changePreferences({ units: next }))}
            />
            <Choice
              shown
              label="Theme"
              options={[
                { value: "system", label: "As the device" },
                { value: "day", label: "Day" },
                { value: "night", label: "Night" },
              ]}
              value={preferences.theme}
              onChange={(theme) => dispatch(changePreferences({ theme }))}
            />
          </Card>
          <Card className="gap-3">
            <Txt variant="heading">What it costs</Txt>
            <PriceFields preferences={preferences} />
          </Card>
          <Check
            label="Show the moon at harvest"
            reason="Some note it. Nothing is reckoned with it."
            checked={preferences.moon === true}
            onChange={(on) => dispatch(changePreferences({ moon: on ? true : undefined }))}
          />
          <Card className="gap-3">
            <Txt variant="heading">At the still</Txt>
            <Choice
              shown
              label="The cockpit's theme"
              options={[
                { value: "auto", label: "Dark after dusk" },
                { value: "night", label: "Always dark" },
                { value: "day", label: "Always light" },
              ]}
              value={preferences.cockpitLight ?? "auto"}
              onChange={(cockpitLight) => dispatch(changePreferences({ cockpitLight }))}
            />
            {(preferences.cockpitLight ?? "auto") === "auto" ? (
              <PlaceFields preferences={preferences} />
            ) : null}
            <Choice
              shown
              label="Sound and a buzz on cues"
              options={[
                { value: "on", label: "On" },
                { value: "off", label: "Off" },
                { value: "quiet", label: "Quiet for an hour" },
              ]}
              value={soundChoice(preferences)}
              onChange={(choice) =>
                dispatch(
                  changePreferences({
                    cueSound: choice !== "off",
                    quietUntil:
                      choice === "quiet" ? new Date(Date.now() + 3600e3).toISOString() : undefined,
                  }),
                )
              }
            />
          </Card>
          <Row
            href="/bench/data"
            title="Data"
            detail="Save, bring in, the demonstration, the bin"
          />
        </>
      }
    >
      <View className="gap-2">
        <Txt variant="heading">My stills</Txt>
        {stills.length === 0 ? (
          <Card>
            <Txt>
              Begin with one that is like yours and change its measures, or describe your own from
              nothing.
            </Txt>
          </Card>
        ) : null}
        {stills.map((still) => (
          <Row
            key={still.id}
            href={`/bench/stills/${still.id}`}
            title={still.name}
            detail={`${constructionWords[still.construction].toLowerCase()} · ${words(showVolume(still.potVolumeMl, units))} · ${still.heat.powerW} W ${heatWords[still.heat.kind].toLowerCase()}`}
            more={`Empty ${words(showMass(still.emptyMassG, units))} of ${still.metal}; dry line at ${words(showVolume(still.dryLineMl, units))}`}
          />
        ))}
        <View className="flex-row flex-wrap gap-2">
          {missing.map((figures) => (
            <Button
              key={figures.name}
              look="quiet"
              size="small"
              label={`Add: ${figures.name}`}
              once
              onPress={() => add(figures)}
            />
          ))}
          <Button
            look="quiet"
            size="small"
            label="Describe a still"
            onPress={() => router.push("/bench/stills/new")}
          />
        </View>
      </View>
      <View className="gap-2">
        <Txt variant="heading">Books</Txt>
        <Row
          href="/bench/plants"
          title="Plants"
          detail={`${book.all.length} materials: when to cut, what they hold, what to mind`}
          end={own > 0 ? <Txt variant="label">{`${own} with your figures`}</Txt> : undefined}
        />
        <Row
          href="/bench/calculator"
          title="Calculator"
          detail="Boiling point, ice, drops, dilution: questions in passing"
        />
      </View>
      <Measures measures={measures} units={units} />
    </Screen>
  );
}

function soundChoice({ cueSound, quietUntil }: Setting): "on" | "off" | "quiet" | undefined {
  if (cueSound === undefined) return undefined;
  if (!cueSound) return "off";
  return quietUntil && Date.parse(quietUntil) > Date.now() ? "quiet" : "on";
}
