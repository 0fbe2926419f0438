import { memo, startTransition, useOptimistic } from "react";
import { View } from "react-native";
import type { Shelved } from "@/logbook/shelf/shelf";
import { t } from "@/language/t";
import { Check } from "@/ui/primitives/Check";
import { Txt } from "@/ui/primitives/Txt";
import { lotWords } from "@/words/lotWords";

/** The bottles that labels can be made for, each with its tick. */
export function WantedBottles({
  listed,
  unwanted,
  onChange,
}: {
  listed: readonly Shelved[];
  unwanted: ReadonlySet<string>;
  onChange: (id: string, on: boolean) => void;
}) {
  return (
    <View>
      <Txt variant="heading">{t`Bottles`}</Txt>
      {listed.map(({ bottle, lot, name: called }) => (
        <Wanted
          key={bottle.id}
          id={bottle.id}
          label={`${called} ${lotWords(lot)}, ${bottle.code}`}
          checked={!unwanted.has(bottle.id)}
          onChange={onChange}
        />
      ))}
      {listed.length === 0 ? <Txt>{t`There is no bottle that is not empty.`}</Txt> : null}
    </View>
  );
}

/* A tick draws its own line with the tap; the sheet and its preview follow when the page has a moment. */
const Wanted = memo(function Wanted({
  id,
  label,
  checked,
  onChange,
}: {
  id: string;
  label: string;
  checked: boolean;
  onChange: (id: string, on: boolean) => void;
}) {
  const [shown, show] = useOptimistic(checked);
  return (
    <Check
      label={label}
      checked={shown}
      onChange={(on) =>
        startTransition(() => {
          show(on);
          onChange(id, on);
        })
      }
    />
  );
});
