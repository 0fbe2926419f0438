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
    <Screen title="Words" back={{ href: "/bench", label: "Bench" }}>
      <TextField
        label="Find"
        shortcut="/"
        value={find}
        onChange={setFind}
        placeholder="hydrosol, cut, dry line"
      />
      <Card>
        {shown.length === 0 ? (
          <Txt role="status">{`No word here has “${find.trim()}” in it.`}</Txt>
        ) : (
          <Words words={shown} />
        )}
      </Card>
    </Screen>
  );
}
