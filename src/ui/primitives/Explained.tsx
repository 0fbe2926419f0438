import { useState } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { Button } from "./Button";
import { Txt } from "./Txt";

/* Words that a beginner does not know, each in a sentence. */
const explanations = {
  "v/w": ["% v/w", t`Volume by weight: mL of oil from 100 g of plant.`],
  "w/w": ["% w/w", t`Weight by weight: g of oil from 100 g of plant.`],
  dryMatter: [
    t`Dry matter`,
    t`What would be left of the plant without any water in it. Yields on it can be compared, however wet the plant was.`,
  ],
  heatLoss: [
    t`Heat lost to the room`,
    t`Watts for each degree: how much heat the still loses for every degree it is hotter than the room.`,
  ],
} as const satisfies Record<string, readonly [string, string]>;

/** Words that stand beside this, explained by a tap. */
export function Explained({ terms }: { terms: readonly (keyof typeof explanations)[] }) {
  const [open, setOpen] = useState(false);
  const names = terms.map((term) => explanations[term][0]);
  return (
    <View className="no-print gap-1">
      <View className="flex-row">
        <Button
          look="plain"
          size="small"
          label={open ? t`Close the explanation` : t`What is ${asList(names)}?`}
          onPress={() => setOpen(!open)}
        />
      </View>
      {open
        ? terms.map((term) => (
            <Txt key={term} variant="small" role="note">
              <Txt variant="strong" className="text-[14px]">{`${explanations[term][0]}: `}</Txt>
              {explanations[term][1]}
            </Txt>
          ))
        : null}
    </View>
  );
}

function asList(names: readonly string[]): string {
  const words = names.map((name, at) =>
    at === 0 ? name : name.charAt(0).toLowerCase() + name.slice(1),
  );
  return words.length < 2
    ? (words[0] ?? "")
    : t`${words.slice(0, -1).join(", ")} or ${words.at(-1) ?? ""}`;
}
