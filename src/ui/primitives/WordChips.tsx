import { Pressable, Text, View } from "react-native";

interface Props {
  /** What the words are of, for a screen reader: "Words for the smell". */
  label: string;
  words: readonly string[];
  /** The field they are put into: words, comma between. */
  value: string;
  onChange: (value: string) => void;
}

/** Words to be tapped into a text field, or out of it; anything else is typed. */
export function WordChips({ label, words, value, onChange }: Props) {
  if (words.length === 0) return null;
  const said = value
    .split(",")
    .map((word) => word.trim())
    .filter(Boolean);
  const toggle = (word: string) =>
    onChange(
      (said.includes(word) ? said.filter((each) => each !== word) : [...said, word]).join(", "),
    );
  return (
    <View role="group" aria-label={label} className="flex-row flex-wrap gap-2">
      {words.map((word) => {
        const on = said.includes(word);
        return (
          <Pressable
            key={word}
            role="checkbox"
            aria-checked={on}
            onPress={() => toggle(word)}
            className={`min-h-[44px] justify-center rounded-full border px-4 ${on ? "border-bottle bg-bottle" : "border-edge bg-panel"}`}
          >
            <Text className={`font-medium text-[15px] ${on ? "text-on-bottle" : "text-ink"}`}>
              {word}
            </Text>
          </Pressable>
        );
      })}
    </View>
  );
}
