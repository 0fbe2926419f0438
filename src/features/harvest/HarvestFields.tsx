import { useState } from "react";
import { type NumberInput, readNumber, toInput } from "@/core/units/numberInput";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import type { Harvest } from "@/records/harvest";
import { changeRecord } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { Check } from "@/ui/primitives/Check";
import { NumberField } from "@/ui/primitives/NumberField";
import { TextField } from "@/ui/primitives/TextField";

import { GrewOn } from "./GrewOn";

/** Place, owner, dry days and a note; kept letter by letter, like the fields of the bench. */
export function HarvestFields({ harvest }: { harvest: Harvest }) {
  const dispatch = useAppDispatch();
  const put = (part: Partial<Harvest>) =>
    dispatch(changeRecord(harvest, (now) => ({ ...now, ...part })));
  const [typed, setTyped] = useState({
    place: harvest.place ?? "",
    from: harvest.from ?? "",
    whose: harvest.whose ?? "",
    note: harvest.note ?? "",
  });
  const [dry, setDry] = useState<NumberInput>(toInput(harvest.dryDays, "one"));
  const percent = {
    name: t`Their share`,
    min: limits.share.min * 100,
    max: limits.share.max * 100,
  };
  const [share, setShare] = useState<NumberInput>(
    toInput(harvest.theirShare === undefined ? undefined : harvest.theirShare * 100, "one"),
  );
  const readShare = readNumber(share, percent);
  const range = { name: t`Dry days`, ...limits.dryDays };
  const read = readNumber(dry, range);
  const field = (name: keyof typeof typed) => ({
    value: typed[name],
    onChange: (text: string) => {
      setTyped((before) => ({ ...before, [name]: text }));
      put({ [name]: text.trim() || undefined });
    },
  });
  return (
    <>
      <TextField label={t`Place`} {...field("place")} />
      <TextField label={t`From which plants, and how many`} {...field("from")} />
      <GrewOn harvest={harvest} />
      <TextField label={t`Whose, if not yours`} {...field("whose")} />
      {harvest.whose ? (
        <>
          <NumberField
            label={t`Of what comes of it, theirs`}
            value={share}
            choices={[]}
            suffix="%"
            problem={share.text && !readShare.ok ? readShare.problem : undefined}
            onChange={(next) => {
              setShare(next);
              const now = readNumber(next, percent);
              if (now.ok || next.text.trim() === "")
                put({ theirShare: now.ok ? now.value / 100 : undefined });
            }}
          />
          <Check
            label={t`Their name is on lot and label`}
            checked={harvest.nameOnLabel === true}
            onChange={(on) => put({ nameOnLabel: on ? true : undefined })}
          />
        </>
      ) : null}
      <NumberField
        label={t`Dry days before`}
        value={dry}
        choices={[]}
        problem={dry.text && !read.ok ? read.problem : undefined}
        onChange={(next) => {
          setDry(next);
          const now = readNumber(next, range);
          if (now.ok || next.text.trim() === "") put({ dryDays: now.ok ? now.value : undefined });
        }}
      />
      <TextField label={t`Note`} lines={3} maxLength={5000} {...field("note")} />
    </>
  );
}
