import { useState, type ReactNode } from "react";
import { Pressable, Text, View } from "react-native";
import { showFlow } from "@/core/units/format";
import { dripRateMlPerMin, dropsForRate } from "@/core/run/dripRate";
import { readNumber, toInput } from "@/core/units/numberInput";
import { usualDropsPerMl } from "@/core/yield/convert";
import { t } from "@/language/t";
import { Button } from "@/ui/primitives/Button";
import { NumberField } from "@/ui/primitives/NumberField";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import type { Log } from "./useLog";

/* A pause this long was not a drop: counting began anew. */
const pauseMs = 20000;

interface Props {
  open: boolean;
  onClose: () => void;
  log: Log;
  /** The outlet of a still to practise on: its drops are to be seen nowhere else. */
  outlet?: ReactNode;
}

/** Counts drips by a tap with each drop. */
export function DripSheet({ open, onClose, log, outlet }: Props) {
  const { units } = useAppSelector(selectPreferences);
  const [taps, setTaps] = useState<number[]>([]);
  const [perMl, setPerMl] = useState(toInput(usualDropsPerMl, "one"));
  const drops = readNumber(perMl, { name: t`Drops in a mL`, min: 5, max: 80 });
  const rate = drops.ok ? dripRateMlPerMin(taps, drops.value) : undefined;
  const close = () => {
    setTaps([]);
    onClose();
  };
  return (
    <Sheet title={t`Count drips`} intro={t`Tap with each drop.`} open={open} onClose={close}>
      {outlet}
      <Pressable
        role="button"
        aria-label={t`A drop`}
        onPress={() => {
          const now = performance.now();
          setTaps((before) => {
            const last = before.at(-1);
            return last !== undefined && now - last > pauseMs ? [now] : [...before.slice(-30), now];
          });
        }}
        className="min-h-[180px] items-center justify-center rounded-card border border-dew bg-dew-wash active:opacity-70"
      >
        <Text className="font-bold text-[44px] leading-[52px] text-dew-ink">
          {rate === undefined ? taps.length : showFlow(rate, units).text}
        </Text>
        <Txt variant="label" className="text-dew-ink">
          {rate === undefined
            ? t`drops; ${Math.max(0, dropsForRate - taps.length)} more`
            : showFlow(rate, units).unit}
        </Txt>
      </Pressable>
      <View className="flex-row gap-3">
        <NumberField
          label={t`Drops in a mL`}
          value={perMl}
          onChange={setPerMl}
          choices={[]}
          problem={drops.ok ? undefined : drops.problem}
          help={t`Count your outlet's once; 20 is usual.`}
        />
      </View>
      <View className="flex-row gap-2">
        <Button label={t`Again`} look="quiet" className="flex-1" onPress={() => setTaps([])} />
        <Button
          label={t`Save entry`}
          className="flex-1"
          disabled={rate === undefined}
          onPress={() => {
            if (rate === undefined) return;
            log.write({ type: "reading", rateMlPerMin: rate });
            close();
          }}
        />
      </View>
    </Sheet>
  );
}
