import { View } from "react-native";
import { t } from "@/language/t";
import { Check } from "./Check";
import { Txt } from "./Txt";

/** Something that can be ticked. */
export interface Tickable {
  id: string;
  label: string;
  /** What tells it from its like. */
  detail: string;
}

interface Props {
  items: readonly Tickable[];
  ticked: ReadonlySet<string>;
  onTicked: (ticked: ReadonlySet<string>) => void;
}

/* So many at once are ticked by hand; what is longer is searched first. */
const mostListed = 60;

/** Things to tick for one act on several, all that are shown with one tap. */
export function TickList({ items, ticked, onTicked }: Props) {
  const listed = items.slice(0, mostListed);
  const all = listed.length > 0 && listed.every(({ id }) => ticked.has(id));
  const tick = (id: string, on: boolean) =>
    onTicked(new Set(on ? [...ticked, id] : [...ticked].filter((one) => one !== id)));
  return (
    <>
      <Check
        label={t`All ${listed.length} shown`}
        checked={all}
        onChange={(on) => onTicked(new Set(on ? listed.map(({ id }) => id) : []))}
      />
      <View>
        {listed.map(({ id, label, detail }) => (
          <Check
            key={id}
            label={label}
            reason={detail}
            checked={ticked.has(id)}
            onChange={(on) => tick(id, on)}
          />
        ))}
      </View>
      {items.length > mostListed ? (
        <Txt variant="small">{t`The first ${mostListed} of ${items.length}. Search for fewer.`}</Txt>
      ) : null}
    </>
  );
}
