import { useState } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { Button } from "./Button";
import { Txt } from "./Txt";

/* Words that a beginner does not know, each in a sentence; those that stand together are asked for together. */
const explanations = {
  yields: {
    ask: t`What is % v/w, % w/w or dry matter?`,
    terms: [
      ["% v/w", t`Volume by weight: mL of oil from 100 g of plant.`],
      ["% w/w", t`Weight by weight: g of oil from 100 g of plant.`],
      [
        t`Dry matter`,
        t`What would be left of the plant without any water in it. Yields on it can be compared, however wet the plant was.`,
      ],
    ],
  },
  heatLoss: {
    ask: t`What is heat lost to the room?`,
    terms: [
      [
        t`Heat lost to the room`,
        t`Watts for each degree: how much heat the still loses for every degree it is hotter than the room.`,
      ],
    ],
  },
} as const satisfies Record<string, { ask: string; terms: readonly (readonly [string, string])[] }>;

/** Words that stand beside this, explained by a tap. */
export function Explained({ about }: { about: keyof typeof explanations }) {
  const [open, setOpen] = useState(false);
  const { ask, terms } = explanations[about];
  return (
    <View className="no-print gap-1">
      <View className="flex-row">
        <Button
          look="plain"
          size="small"
          label={open ? t`Close the explanation` : ask}
          onPress={() => setOpen(!open)}
        />
      </View>
      {open
        ? terms.map(([term, says]) => (
            <Txt key={term} variant="small" role="note">
              <Txt variant="strong" className="text-[14px]">{`${term}: `}</Txt>
              {says}
            </Txt>
          ))
        : null}
    </View>
  );
}
