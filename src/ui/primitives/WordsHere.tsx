import { Link, type Href } from "expo-router";
import BookOpen from "lucide-react-native/icons/book-open";
import { useState } from "react";
import { Pressable, Text, View } from "react-native";
import { t } from "@/language/t";
import { Sheet } from "./Sheet";
import { Txt } from "./Txt";

interface Props {
  words: readonly { term: string; says: string }[];
  /** The numbers that are worked out here, and how. */
  figures?: readonly { figure: string; says: string }[];
  /** Where all of them are. */
  all: Href;
  /** Where the guide tells of this page. */
  guide: Href;
}

/** The craft words and the computed numbers of a screen, one tap away: what each means, how each comes about. */
export function WordsHere({ words, figures = [], all, guide }: Props) {
  const title = figures.length > 0 ? t`Words and figures here` : t`Words on this page`;
  const [open, setOpen] = useState(false);
  return (
    <>
      <Pressable
        role="button"
        aria-label={title}
        {...{ "aria-haspopup": "dialog" }}
        onPress={() => setOpen(true)}
        className="no-print min-h-[48px] min-w-[48px] items-center justify-center rounded-[14px] active:opacity-60"
      >
        <BookOpen size={22} color="var(--soft)" />
      </Pressable>
      <Sheet title={title} open={open} onClose={() => setOpen(false)}>
        {figures.length > 0 ? (
          <>
            <Txt variant="heading">{t`How the figures come about`}</Txt>
            <Words words={figures.map(({ figure, says }) => ({ term: figure, says }))} />
            {words.length > 0 ? <Txt variant="heading">{t`Words`}</Txt> : null}
          </>
        ) : null}
        <Words words={words} />
        {[
          { href: guide, label: t`This page in the guide` },
          { href: all, label: t`All words` },
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
