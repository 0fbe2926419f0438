import { useRouter } from "expo-router";
import { View } from "react-native";
import { t } from "@/language/t";
import { leastToHandle, type LotPage } from "@/logbook/shelf/lotPage";
import type { Lot } from "@/records/lot";
import { giveNewCode } from "@/store/acts/giveNewCode";
import { useAppDispatch } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";

interface Props {
  lot: Lot;
  page: LotPage;
  onBlend: () => void;
  /** Takes some of what is in no bottle; the share of an owner, where one is named. */
  onTake: (handOverTo?: string) => void;
}

/** What can be done with a lot as a whole. */
export function LotActs({ lot, page: { full, balance, owing, twice }, onBlend, onTake }: Props) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const open = balance.openMl > leastToHandle;
  return (
    <View className="flex-row flex-wrap gap-2">
      {full.length > 0 ? (
        <Button
          look="quiet"
          size="small"
          label={t`Labels`}
          onPress={() => router.push(`/shelf/labels?lot=${lot.id}`)}
        />
      ) : null}
      {full.length > 0 || open ? (
        <Button look="quiet" size="small" label={t`Blend it`} opens onPress={onBlend} />
      ) : null}
      {twice.has(lot.id) ? (
        <Button
          look="quiet"
          size="small"
          leaves
          label={t`New code`}
          hint={t`A new code for the lot ${lot.code}`}
          onPress={() => dispatch(giveNewCode(lot))}
        />
      ) : null}
      {open ? (
        <>
          {owing.map(({ name }) => (
            <Button
              key={name}
              look="quiet"
              size="small"
              label={t`Hand over ${name}’s share`}
              opens
              onPress={() => onTake(name)}
            />
          ))}
          <Button
            look="quiet"
            size="small"
            label={t`Use or loss`}
            hint={t`Use or loss: of what is in no bottle`}
            opens
            onPress={() => onTake()}
          />
        </>
      ) : null}
    </View>
  );
}
