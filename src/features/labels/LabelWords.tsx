import { t } from "@/language/t";
import { changePreferences } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { Card } from "@/ui/primitives/Card";
import { Check } from "@/ui/primitives/Check";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";

/** Who made it, as labels for sale name them. */
export const noMaker = { name: "", address: "" };

/** What a label says beside what its lot knows: another name, what it is made of, and for sale who made it. */
export function LabelWords({
  name,
  madeOf,
  forSale,
  maker,
  onSay,
  onForSale,
}: {
  name: string;
  madeOf: string;
  forSale: boolean;
  maker: typeof noMaker;
  onSay: (said: { name?: string; madeOf?: string }) => void;
  onForSale: (on: boolean) => void;
}) {
  const dispatch = useAppDispatch();
  return (
    <Card className="gap-3">
      <TextField
        label={t`Another name`}
        value={name}
        onChange={(next) => onSay({ name: next })}
        placeholder={t`as the lot is called`}
      />
      <TextField
        label={t`Another line of what it is made of`}
        value={madeOf}
        onChange={(next) => onSay({ madeOf: next })}
        placeholder={t`its part, distilled with water, nothing added`}
      />
      <Check
        label={t`For sale`}
        reason={t`Names allergens above their usual limits, and who made it.`}
        checked={forSale}
        onChange={onForSale}
      />
      {forSale ? (
        <>
          {(["name", "address"] as const).map((part) => (
            <TextField
              key={part}
              label={part === "name" ? t`Maker` : t`Address`}
              value={maker[part]}
              maxLength={200}
              onChange={(next) =>
                dispatch(
                  changePreferences(({ maker: now = noMaker }) => ({
                    maker: { ...now, [part]: next },
                  })),
                )
              }
            />
          ))}
          <Txt variant="small">{t`A draft from usual limits. Marks and all that a buyer has to be told stand on the lot’s page, under “If you sell it”. Have both checked.`}</Txt>
        </>
      ) : null}
    </Card>
  );
}
