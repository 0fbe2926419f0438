import { View } from "react-native";
import { showTemperature, words } from "@/core/units/format";
import { pressureAtAltitudePa } from "@/core/water/atmosphere";
import { boilingPointC } from "@/core/water/saturation";
import { plural, t } from "@/language/t";
import { changePreferences } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
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
      title={t`Bench`}
      aside={
        <>
          <Card className="gap-3">
            <Txt variant="heading">{t`Where you distil`}</Txt>
            <SiteFields preferences={preferences} />
            <Txt variant="small">{t`Water boils here at ${words(showTemperature(boilC, units))}.`}</Txt>
          </Card>
          <LookChoices preferences={preferences} />
          <Row
            href="/bench/data"
            title={t`Data`}
            detail={t`Save, bring in, the demonstration, the bin`}
          />
          <Txt variant="heading">{t`More`}</Txt>
          <Fold
            title={t`Measures`}
            inside={
              measures.length > 0
                ? plural(measures.length, { one: "# measure", other: "# measures" })
                : t`A basketful, a bundle: weighed once`
            }
          >
            <Measures measures={measures} units={units} />
          </Fold>
          <Fold
            title={t`Separating vessels`}
            inside={
              vessels.length > 0
                ? plural(vessels.length, { one: "# vessel", other: "# vessels" })
                : t`Tube, funnel, jar: measured once`
            }
          >
            <Vessels vessels={vessels} units={units} />
          </Fold>
          <Fold
            title={t`Empty bottles`}
            inside={
              empties.length > 0
                ? plural(empties.length, { one: "# kind", other: "# kinds" })
                : t`What waits to be filled`
            }
          >
            <Empties units={units} />
          </Fold>
          <Fold
            title={t`What it costs`}
            inside={t`Energy, plant, bottles, your hours: what a bottle costs`}
          >
            <PriceFields preferences={preferences} />
          </Fold>
          <Fold title={t`How long things keep`} inside={t`The rule behind every best-by date`}>
            <KeepingFields preferences={preferences} />
          </Fold>
          <Check
            label={t`Show the moon at harvest`}
            reason={t`Some note it. Sereno calculates nothing with it.`}
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

function Books() {
  const book = usePlantBook();
  const own = book.all.filter(({ ownFigures }) => ownFigures.length > 0).length;
  return (
    <View className="gap-2">
      <Txt variant="heading">{t`Books`}</Txt>
      <Row
        href="/bench/plants"
        title={t`Plants`}
        detail={t`${book.all.length} materials: when to cut, what they hold, what to mind`}
        end={own > 0 ? <Txt variant="label">{t`${own} with your figures`}</Txt> : undefined}
      />
      <Row
        href="/bench/calculator"
        title={t`Calculator`}
        detail={t`Boiling point, ice, drops, dilution: questions in passing`}
      />
      <Row
        href="/bench/guide"
        title={t`Guide`}
        detail={t`How do I …, and the whole guide: found by any word, without a network`}
      />
      <Row
        href="/bench/practice"
        title={t`Practice`}
        detail={t`A still to learn on: lessons, and things that go wrong`}
      />
      <Row
        href="/bench/words"
        title={t`Words`}
        detail={t`${allWords().length} words of the craft, each in a sentence or two`}
      />
    </View>
  );
}
