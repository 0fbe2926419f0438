import { Controller } from "react-hook-form";
import { View } from "react-native";
import { t } from "@/language/t";
import type { OwnerNow } from "@/logbook/shelf/ownersOf";
import { phOfLot } from "@/logbook/shelf/monthsFilled";
import { closures, glasses, storages } from "@/records/bottle";
import type { Lot } from "@/records/lot";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { selectStock } from "@/store/stock";
import { Button } from "@/ui/primitives/Button";
import { FormChoice, FormNumber, FormText } from "@/ui/primitives/form";
import { MomentField } from "@/ui/primitives/MomentField";
import { Notice } from "@/ui/primitives/Notice";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import { spanWords } from "@/words/bestByWords";
import { closureWords, inGlass, storageWords } from "@/words/bottleWords";
import { amountOf } from "./amountOf";
import { ProposedBottles } from "./ProposedBottles";
import { useFilling } from "./useFilling";
import { WaterFields } from "./WaterFields";

interface Props {
  lot: Lot;
  openMl: number;
  /** Whose share of it is not handed over yet. */
  owing: readonly OwnerNow[];
  onClose: () => void;
}

const named = <T extends string>(values: readonly T[], words: Record<T, string>) =>
  values.map((value) => ({ value, label: words[value] }));

/** Fills bottles of a lot: as proposed from the empties there are, or of one sort as typed. */
export function FillSheet({ lot, openMl, owing, onClose }: Props) {
  const { units } = useAppSelector(selectPreferences);
  const { checks } = useAppSelector(selectStock);
  const { control, choices, months, suggested, overMl, fill, save } = useFilling(
    lot,
    openMl,
    onClose,
  );
  return (
    <Sheet
      title={t`Fill bottles`}
      intro={[
        t`From ${lot.code}: ${amountOf(lot.product, openMl, units)} in no bottle yet.`,
        ...owing.map(
          ({ name, leftMl }) => t`${amountOf(lot.product, leftMl, units)} of it is ${name}’s.`,
        ),
      ].join(" ")}
      open
      onClose={onClose}
      onSubmit={save}
    >
      <ProposedBottles lot={lot} openMl={openMl} onFill={fill} onClose={onClose} />
      <View className="flex-row gap-3">
        <FormNumber
          control={control}
          name="size"
          label={t`Bottle size`}
          choices={choices}
          required
        />
        <FormNumber
          control={control}
          name="filled"
          label={t`Filled with`}
          choices={choices}
          required
        />
      </View>
      <FormNumber control={control} name="count" label={t`How many`} choices={[]} required />
      {overMl > 0 ? (
        <Notice
          severity="caution"
          message={t`That is ${amountOf(lot.product, overMl, units)} more than there is by the measures.`}
          remedy={t`Check size and number. If you save it, the lot shows the difference.`}
        />
      ) : null}
      <FormChoice
        control={control}
        name="glass"
        label={t`Glass`}
        options={named(glasses, inGlass)}
      />
      <FormChoice
        control={control}
        name="closure"
        label={t`Closure`}
        options={named(closures, closureWords)}
      />
      <FormChoice
        control={control}
        name="storage"
        label={t`Kept`}
        options={named(storages, storageWords)}
      />
      {lot.product === "hydrosol" ? (
        <WaterFields control={control} ph={phOfLot(lot, checks)} />
      ) : null}
      <FormText
        control={control}
        name="place"
        label={t`New place`}
        placeholder={t`top shelf, box 2`}
      />
      <Controller
        control={control}
        name="bestBy"
        render={({ field, fieldState }) => (
          <MomentField
            kind="day"
            label={t`Best by`}
            value={field.value || suggested}
            onChange={field.onChange}
            problem={fieldState.error?.message}
          />
        )}
      />
      <Txt variant="small">
        {t`A rule, not a promise: ${spanWords(months)} from the run, full and closed, kept this way. Opening, air and what a check finds bring it nearer; smell and look decide.`}
      </Txt>
      <FormText control={control} name="note" label={t`Note`} />
      <Button label={t`Add to shelf`} onPress={save} />
    </Sheet>
  );
}
