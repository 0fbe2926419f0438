import { View } from "react-native";
import { counted, showTemperature, words } from "@/core/units/format";
import { pressureAtAltitudePa } from "@/core/water/atmosphere";
import { boilingPointC } from "@/core/water/saturation";
import { changePreferences } from "@/store/changes";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import { selectEmpties, selectMeasures, selectPreferences, selectVessels } from "@/store/selectors";
import { Screen } from "@/ui/layout/Screen";
import { Card } from "@/ui/primitives/Card";
import { Check } from "@/ui/primitives/Check";
import { allWords } from "@/words/glossary";
import { Fold } from "@/ui/primitives/Fold";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";
import { CockpitChoices } from "./CockpitChoices";
import { Empties } from "./Empties";
import { KeepingFields } from "./KeepingFields";
import { LookChoices } from "./LookChoices";
import { Measures } from "./Measures";
import { Vessels } from "./Vessels";
import { MyStills } from "./MyStills";
import { PriceFields } from "./PriceFields";
import { SiteFields } from "./SiteFields";

/** Stills, books, the place they stand, units and data; what is asked less often folded away below. */
export function BenchScreen() {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const { units, site } = preferences;
  const measures = useAppSelector(selectMeasures);
  const vessels = useAppSelector(selectVessels);
  const empties = useAppSelector(selectEmpties);
  const boilC = boilingPointC(pressureAtAltitudePa(site.altitudeM));
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
          <LookChoices preferences={preferences} />
          <Row
            href="/bench/data"
            title="Data"
            detail="Save, bring in, the demonstration, the bin"
          />
          <Txt variant="heading">More</Txt>
          <Fold
            title="Measures"
            inside={inside(measures.length, "measure", "A basketful, a bundle: weighed once")}
          >
            <Measures measures={measures} units={units} />
          </Fold>
          <Fold
            title="Separating vessels"
            inside={inside(vessels.length, "vessel", "Tube, funnel, jar: measured once")}
          >
            <Vessels vessels={vessels} units={units} />
          </Fold>
          <Fold
            title="Empty bottles"
            inside={inside(empties.length, "kind", "What waits to be filled")}
          >
            <Empties units={units} />
          </Fold>
          <Fold
            title="What it costs"
            inside="Energy, plant, bottles, your hours: what a bottle costs"
          >
            <PriceFields preferences={preferences} />
          </Fold>
          <Fold title="How long things keep" inside="The rule behind every best-by date">
            <KeepingFields preferences={preferences} />
          </Fold>
          <Check
            label="Show the moon at harvest"
            reason="Some note it. Sereno calculates nothing with it."
            checked={preferences.moon === true}
            onChange={(on) => dispatch(changePreferences({ moon: on ? true : undefined }))}
          />
          <CockpitChoices preferences={preferences} />
        </>
      }
    >
      <MyStills units={units} />
      <Books />
    </Screen>
  );
}

/* How many there are, or what they are where there is none yet. */
function inside(count: number, what: string, none: string): string {
  return count > 0 ? counted(count, what) : none;
}

function Books() {
  const book = usePlantBook();
  const own = book.all.filter(({ ownFigures }) => ownFigures.length > 0).length;
  return (
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
      <Row
        href="/bench/guide"
        title="Guide"
        detail="How do I …, and the whole guide: found by any word, without a network"
      />
      <Row
        href="/bench/practice"
        title="Practice"
        detail="A still to learn on: lessons, and things that go wrong"
      />
      <Row
        href="/bench/words"
        title="Words"
        detail={`${allWords().length} words of the craft, each in a sentence or two`}
      />
    </View>
  );
}
