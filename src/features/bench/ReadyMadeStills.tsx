import { Pressable, View } from "react-native";
import { t } from "@/language/t";
import type { BareStill } from "@/logbook/still/readyMadeStills";
import { sketchOf } from "@/logbook/still/sketchOf";
import { StillDrawing } from "@/ui/drawings/StillDrawing";
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
        <ReadyMade key={still.name} still={still} onAdd={() => onAdd(still)} />
      ))}
    </View>
  );
}

function ReadyMade({ still, onAdd }: { still: BareStill; onAdd: () => void }) {
  const { waterMl: _, ...sketch } = sketchOf(still);
  return (
    <Pressable
      role="button"
      aria-label={t`Add: ${still.name}`}
      onPress={(event) => {
        /* With the tap it goes, and the next one takes its place: a double tap adds one. */
        const { detail = 1 } = event.nativeEvent as unknown as { detail?: number };
        if (detail <= 1) onAdd();
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
}
