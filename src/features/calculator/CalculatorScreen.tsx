import { View } from "react-native";
import { t } from "@/language/t";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences, selectStills } from "@/store/selectors";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { figuresOf } from "@/words/figureWords";
import { wordsOf } from "@/words/glossary";
import { Screen } from "@/ui/layout/Screen";
import { ChargeForOil } from "./ChargeForOil";
import { BoilingHere } from "./BoilingHere";
import { Dilution } from "./Dilution";
import { Drops } from "./Drops";
import { HeatUp } from "./HeatUp";
import { Ice } from "./Ice";
import { Percentage } from "./Percentage";
import { UntilDry } from "./UntilDry";

/** The single questions that people ask in passing, each answered as it is typed. */
export function CalculatorScreen() {
  const { units, site } = useAppSelector(selectPreferences);
  const stills = useAppSelector(selectStills);
  const common = { units, site, still: stills[0] };
  return (
    <Screen
      title={t`Calculator`}
      back={{ href: "/bench", label: t`Bench` }}
      words={
        <WordsHere
          all="/bench/words"
          guide="/bench/guide?about=Bench%20calculator"
          figures={figuresOf(["mostOnSkin", "heatIn", "potLevel"])}
          words={wordsOf(["dilution", "dropper", "vw"])}
        />
      }
      aside={
        <View className="gap-4">
          <Drops {...common} />
          <Percentage {...common} />
          <Dilution {...common} />
          <ChargeForOil {...common} />
        </View>
      }
    >
      <BoilingHere {...common} />
      <HeatUp {...common} />
      <Ice {...common} />
      <UntilDry {...common} />
    </Screen>
  );
}
