import { t } from "@/language/t";
import { Screen } from "@/ui/layout/Screen";
import { Card } from "@/ui/primitives/Card";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";
import { Words } from "@/ui/primitives/WordsHere";
import { useKept } from "@/ui/useKept";
import { allWords } from "@/words/glossary";

/** Every craft word that Sereno uses, with what it means; found by any part of it. */
export function GlossaryScreen() {
  const [find, setFind] = useKept("words/find", "");
  const wanted = find.trim().toLowerCase();
  const shown = allWords().filter(({ term, says }) =>
    `${term} ${says}`.toLowerCase().includes(wanted),
  );
  return (
    <Screen title={t`Words`} back={{ href: "/bench", label: t`Bench` }}>
      <TextField
        label={t`Find`}
        shortcut="/"
        value={find}
        onChange={setFind}
        placeholder={t`hydrosol, cut, dry line`}
      />
      <Card>
        {shown.length === 0 ? (
          <Txt role="status">{t`No word here has “${find.trim()}” in it.`}</Txt>
        ) : (
          <Words words={shown} />
        )}
      </Card>
    </Screen>
  );
}
