import { memo } from "react";
import { Pressable, View } from "react-native";
import { t } from "@/language/t";
import { sketchOf } from "@/logbook/still/sketchOf";
import type { BareStill } from "@/records/still";
import { StillDrawing } from "@/ui/drawings/StillDrawing";
import { shieldTaps } from "@/ui/shieldTaps";
import { Txt } from "@/ui/primitives/Txt";
import { constructionWords } from "@/words/stillWords";

/** Stills of common make, drawn to scale each for itself: the one that looks like yours is a tap away. */
export function ReadyMadeStills({
  stills,
  onAdd,
}: {
  stills: readonly BareStill[];
  onAdd: (still: BareStill) => void;
}) {
  return (
    <View className="flex-row flex-wrap gap-3">
      {stills.map((still) => (
        <ReadyMade key={still.name} still={still} onAdd={onAdd} />
      ))}
    </View>
  );
}

/* Drawn once: what is typed elsewhere on the page draws no still anew. */
const ReadyMade = memo(function ReadyMade({
  still,
  onAdd,
}: {
  still: BareStill;
  onAdd: (still: BareStill) => void;
}) {
  const { waterMl: _, ...sketch } = sketchOf(still);
  return (
    <Pressable
      role="button"
      aria-label={t`Add: ${still.name}`}
      onPress={() => {
        /* With the tap it goes, and what comes in its place was not meant by a second one. */
        shieldTaps();
        onAdd(still);
      }}
      className="min-w-[132px] max-w-[200px] flex-1 basis-[30%] gap-1 rounded-card border border-edge bg-panel p-3 active:opacity-80"
    >
      <View aria-hidden>
        <StillDrawing
          {...sketch}
          heatKind={still.heat.kind}
          condenser={still.condenser?.kind}
          head={still.head}
          trapKeeps={still.trapKeeps}
          labels={{}}
          inWords={still.name}
        />
      </View>
      <Txt variant="strong">{still.name}</Txt>
      <Txt variant="small">{constructionWords[still.construction]}</Txt>
    </Pressable>
  );
});
