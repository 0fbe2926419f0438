import { useState } from "react";
import { plural, t } from "@/language/t";
import type { Shelved } from "@/logbook/shelf/shelf";
import { storages, type Bottle, type UseWay } from "@/records/bottle";
import { emptyBottles, moveBottles } from "@/store/acts/severalBottles";
import { useAppDispatch } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { Choice } from "@/ui/primitives/Choice";
import { Fold } from "@/ui/primitives/Fold";
import { Notice } from "@/ui/primitives/Notice";
import { Sheet } from "@/ui/primitives/Sheet";
import { TextField } from "@/ui/primitives/TextField";
import { TickList } from "@/ui/primitives/TickList";
import { storageWords, useWayInSentence, useWayWords } from "@/words/bottleWords";
import { lotWords } from "@/words/lotWords";

const ways = ["used", "gift", "sold", "thrownAway"] as const satisfies readonly UseWay[];

interface Props {
  /** What is shown on the shelf now. */
  items: readonly Shelved[];
  amount: (product: string, ml: number) => string;
  onClose: () => void;
}

/** Several bottles in one step: moved, or emptied. What the shelf's search shows is what can be ticked. */
export function SeveralSheet({ items, amount, onClose }: Props) {
  const dispatch = useAppDispatch();
  const [wanted, setWanted] = useState<ReadonlySet<string>>(new Set());
  const [storage, setStorage] = useState<Bottle["storage"]>("fridge");
  const [place, setPlace] = useState("");
  const [way, setWay] = useState<UseWay>("used");
  const [tries, setTries] = useState(0);
  const ids = [...wanted];
  const act = (kept: () => { ok: boolean }) => {
    setTries(tries + 1);
    if (ids.length > 0 && kept().ok) onClose();
  };
  const chosen = plural(ids.length, { one: "# bottle", other: "# bottles" });
  return (
    <Sheet
      title={t`Several at once`}
      intro={t`Tick bottles, then move or empty them. Search the shelf first for fewer.`}
      open
      onClose={onClose}
    >
      {tries > 0 && ids.length === 0 ? (
        <Notice
          key={tries}
          answersPress
          severity="caution"
          message={t`Tick at least one bottle.`}
        />
      ) : null}
      <Fold title={t`Move ${chosen}`} inside={t`To another place`}>
        <Choice
          label={t`Now kept`}
          shown
          options={storages.map((value) => ({ value, label: storageWords[value] }))}
          value={storage}
          onChange={setStorage}
        />
        <TextField
          label={t`New place`}
          value={place}
          maxLength={200}
          onChange={setPlace}
          placeholder={t`top shelf, box 2`}
        />
        <Button
          look="quiet"
          label={t`Move`}
          onPress={() => act(() => dispatch(moveBottles(ids, { storage, place })))}
        />
      </Fold>
      <Fold title={t`Empty ${chosen}`} inside={t`Used up, given away, sold or thrown away`}>
        <Choice
          label={t`What happened to them?`}
          shown
          options={ways.map((value) => ({ value, label: useWayWords[value] }))}
          value={way}
          onChange={setWay}
        />
        <Button
          look="quiet"
          label={t`Empty`}
          onPress={() =>
            act(() => dispatch(emptyBottles(ids, { way, purpose: useWayInSentence[way] })))
          }
        />
      </Fold>
      <TickList
        items={items.map(({ bottle, lot, name, leftMl }) => ({
          id: bottle.id,
          label: `${name} ${lotWords(lot)}, ${bottle.code}`,
          detail: t`${amount(lot.product, leftMl)} left · ${bottle.place?.trim() || storageWords[bottle.storage]}`,
        }))}
        ticked={wanted}
        onTicked={setWanted}
      />
    </Sheet>
  );
}
