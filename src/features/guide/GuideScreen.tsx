import { useLocalSearchParams } from "expo-router";
import { useEffect, useState } from "react";
import { View } from "react-native";
import { holding, readGuide, type GuideName, type GuideSection } from "@/exchange/guide";
import { t } from "@/language/t";
import { Screen } from "@/ui/layout/Screen";
import { Markdown } from "@/ui/markdown/Markdown";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { Fold } from "@/ui/primitives/Fold";
import { Notice } from "@/ui/primitives/Notice";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";
import { useKept } from "@/ui/useKept";

const guides: { value: GuideName; label: string }[] = [
  { value: "how", label: t`How do I …` },
  { value: "guide", label: t`The whole guide` },
];

/** The guide, inside the app and without a network: by its headings, found by any of its words. */
export function GuideScreen() {
  const { about } = useLocalSearchParams<{ about?: string }>();
  const [kept, setWhich] = useKept<GuideName>("guide/which", "how");
  const [asked, setAsked] = useState(about);
  const which = asked === undefined ? kept : "guide";
  const [find, setFind] = useState("");
  const [found, setFound] = useState<{ which: GuideName; sections: GuideSection[] }>();
  const [failed, setFailed] = useState<GuideName>();
  useEffect(() => {
    let current = true;
    readGuide(which).then(
      (sections) => current && setFound({ which, sections }),
      () => current && setFailed(which),
    );
    return () => {
      current = false;
    };
  }, [which]);
  const wanted = find.trim().toLowerCase();
  const sections = found?.which === which ? found.sections : undefined;
  const shown = sections
    ?.filter(({ words }) => words.includes(wanted))
    .toSorted((a, b) => Number(b.title === asked) - Number(a.title === asked));
  return (
    <Screen title={t`Guide`} back={{ href: "/bench", label: t`Bench` }}>
      <Choice
        label={t`Which guide`}
        options={guides}
        value={which}
        onChange={(next) => {
          setAsked(undefined);
          setWhich(next);
        }}
      />
      <TextField
        label={t`Find`}
        shortcut="/"
        value={find}
        onChange={setFind}
        placeholder={t`dry line, haze, backup`}
      />
      {failed === which && !sections ? (
        <Notice
          severity="error"
          message={t`The guide could not be read.`}
          remedy={t`Open Sereno once with its server in reach; after that it is kept on the device.`}
        />
      ) : null}
      {shown?.length === 0 ? (
        <Txt role="status">{t`Nothing here has “${find.trim()}” in it. Try a shorter word, or the other guide.`}</Txt>
      ) : null}
      {shown?.map((section) => (
        <View key={section.title} className="gap-2">
          {wanted === "" ? null : (
            <Card className="gap-3">
              <Txt variant="heading">{section.title}</Txt>
              <Markdown tokens={holding(section, wanted)} />
            </Card>
          )}
          <Fold
            title={wanted === "" ? section.title : t`All of “${section.title}”`}
            inside={section.begins}
            filled={wanted === "" && section.title === asked}
          >
            <Markdown tokens={section.tokens} />
          </Fold>
        </View>
      ))}
    </Screen>
  );
}
