import { useRouter } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import { type NumberInput, toInput } from "@/core/units/numberInput";
import { unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { lotBalance } from "@/logbook/shelf/lotBalance";
import {
  readBlend,
  type BlendFault,
  type BlendSource,
  type PartFault,
} from "@/logbook/shelf/readBlend";
import { limits } from "@/messages/limits";
import type { Lot } from "@/records/lot";
import { blendLots } from "@/store/blendLots";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectPreferences } from "@/store/selectors";
import { selectStock, useShelved } from "@/store/stock";
import { useKept } from "@/store/useKept";
import { Button } from "@/ui/primitives/Button";
import { Notice } from "@/ui/primitives/Notice";
import { NumberField } from "@/ui/primitives/NumberField";
import { Select } from "@/ui/primitives/Select";
import { Sheet } from "@/ui/primitives/Sheet";
import { TextField } from "@/ui/primitives/TextField";
import { lotName } from "@/logbook/shelf/lotName";
import { amountOf } from "./amountOf";
import { useToday } from "@/ui/useToday";

type Source = BlendSource & { label: string };

const mostParts = 12;
const blendFaultWords: Record<BlendFault, string> = {
  noName: t`Give the blend a name.`,
  twice: t`The same bottle is here twice. Add its parts together.`,
  part: t`One of its parts is not told yet.`,
};

/** Pours this lot and others together; each part stays known, both ways. */
export function BlendSheet({ lot, onClose }: { lot: Lot; onClose: () => void }) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { units } = useAppSelector(selectPreferences);
  const sources = useSources(lot.product);
  const choices = unitsFor(lot.product === "oil" ? "oilVolume" : "volume", units);
  const unit = choices[0] ?? "mL";
  const empty = (): NumberInput => toInput(undefined, unit);
  const own = sources.find(({ lotId }) => lotId === lot.id);
  const [typed, keep, forget] = useKept(`blend/${lot.id}`, {
    name: "",
    parts: [
      { key: own?.key ?? sources[0]?.key ?? "", amount: empty() },
      { key: sources.find(({ lotId }) => lotId !== lot.id)?.key ?? "", amount: empty() },
    ],
  });
  const { name, parts } = typed;
  const [tried, setTried] = useState(false);
  const read = readBlend(typed, sources, { name: t`The part`, ...limits.positive });
  const partProblem = (fault: PartFault | undefined) =>
    fault?.why === "number"
      ? fault.problem
      : fault?.why === "noSource"
        ? t`Choose what it is poured from.`
        : fault
          ? t`Only ${amountOf(lot.product, fault.leftMl, units)} are left there.`
          : undefined;
  const change = (at: number, part: Partial<(typeof parts)[number]>) =>
    keep({ parts: parts.map((each, i) => (i === at ? { ...each, ...part } : each)) });

  const save = () => {
    setTried(true);
    if (read.fault) return;
    const kept = dispatch(blendLots(read.name, lot.product, read.pours));
    if (!kept.ok || !kept.made) return;
    forget();
    onClose();
    router.push(`/shelf/${kept.made.id}`);
  };
  return (
    <Sheet
      title={t`Blend it`}
      intro={t`The blend becomes a lot of its own. Sereno keeps where each part came from.`}
      open
      onClose={onClose}
      onSubmit={save}
    >
      <TextField
        label={t`Name of the blend`}
        value={name}
        onChange={(next) => keep({ name: next })}
        problem={tried && read.fault === "noName" ? blendFaultWords.noName : undefined}
        required
      />
      {parts.map(({ key, amount }, i) => (
        <View key={i} className="gap-2">
          <Select
            label={t`Part ${i + 1}, from`}
            options={[
              { value: "", label: t`Choose` },
              ...sources.map(({ key: value, label }) => ({ value, label })),
            ]}
            value={key}
            onChange={(next) => change(i, { key: next })}
          />
          <NumberField
            label={t`Part ${i + 1}, how much`}
            value={amount}
            onChange={(next) => change(i, { amount: next })}
            choices={choices}
            problem={tried ? partProblem(read.faults[i]) : undefined}
          />
        </View>
      ))}
      {parts.length < mostParts ? (
        <Button
          look="quiet"
          size="small"
          label={t`Add another part`}
          onPress={() => keep({ parts: [...parts, { key: "", amount: empty() }] })}
        />
      ) : null}
      {tried && read.fault ? (
        <Notice answersPress severity="caution" message={blendFaultWords[read.fault]} />
      ) : null}
      <Button label={t`Pour together`} onPress={save} />
    </Sheet>
  );
}

/** Bottles and open rests of a product that something can be poured from. */
function useSources(product: Lot["product"]): Source[] {
  const book = usePlantBook();
  const { units } = useAppSelector(selectPreferences);
  const { bottles, lots, uses } = useAppSelector(selectStock);
  const shelved = useShelved(useToday());
  return [
    ...shelved
      .filter(({ lot }) => lot.product === product)
      .map(({ bottle, lot, name, leftMl }) => ({
        key: bottle.id,
        bottleId: bottle.id,
        lotId: lot.id,
        label: `${name}, ${bottle.code}: ${amountOf(product, leftMl, units)}`,
        leftMl,
      })),
    ...lots.flatMap((lot) => {
      const { openMl } = lotBalance(lot, bottles, uses);
      return lot.product === product && openMl > 0.05
        ? [
            {
              key: lot.id,
              lotId: lot.id,
              label: t`${lotName(lot, book)}, ${lot.code}, in no bottle: ${amountOf(product, openMl, units)}`,
              leftMl: openMl,
            },
          ]
        : [];
    }),
  ];
}
