import { Link, type Href } from "expo-router";
import BookOpen from "lucide-react-native/icons/book-open";
import { useState } from "react";
import { Pressable, Text, View } from "react-native";
import { Sheet } from "./Sheet";
import { Txt } from "./Txt";

interface Props {
  words: readonly { term: string; says: string }[];
  /** Where all of them are. */
  all: Href;
  /** Where the guide tells of this page. */
  guide: Href;
}

/** The craft words of a screen, one tap away: each with what it means. */
export function WordsHere({ words, all, guide }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Pressable
        role="button"
        aria-label="Words on this page"
        {...{ "aria-haspopup": "dialog" }}
        onPress={() => setOpen(true)}
        className="no-print min-h-[48px] min-w-[48px] items-center justify-center rounded-[14px] active:opacity-60"
      >
        <BookOpen size={22} color="var(--soft)" />
      </Pressable>
      <Sheet title="Words on this page" open={open} onClose={() => setOpen(false)}>
        <Words words={words} />
        {[
          { href: guide, label: "This page in the guide" },
          { href: all, label: "All words" },
        ].map(({ href, label }) => (
          <Link key={label} href={href} asChild>
            <Pressable role="link" className="min-h-[48px] justify-center">
              <Text className="font-bold text-[15px] text-bottle">{label}</Text>
            </Pressable>
          </Link>
        ))}
      </Sheet>
    </>
  );
}

/** Words with their meanings, one under the other. */
export function Words({ words }: Pick<Props, "words">) {
  return (
    <View role="list" className="gap-3">
      {words.map(({ term, says }) => (
        <View key={term} role="listitem" className="gap-[2px]">
          <Txt variant="strong">{term}</Txt>
          <Txt>{says}</Txt>
        </View>
      ))}
    </View>
  );
}
