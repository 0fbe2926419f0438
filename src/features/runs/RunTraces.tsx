import { useEffect, useState } from "react";
import type { Channel } from "@/core/practice/virtualStill";
import type { Series } from "@/core/statistics/thin";
import { t } from "@/language/t";
import { channels } from "@/messages/instrumentMessages";
import type { SampleChunk } from "@/records/sampleChunk";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { loadSamples } from "@/store/samples";
import { selectPreferences } from "@/store/selectors";
import { Traces } from "@/ui/charts/Traces";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";

/** What the instruments recorded of a run, where they did. `edition` tells when there is more. */
export function RunTraces({ runId, edition }: { runId: string; edition: number }) {
  const dispatch = useAppDispatch();
  const { units } = useAppSelector(selectPreferences);
  const [chunks, setChunks] = useState<SampleChunk[]>([]);
  useEffect(() => {
    let open = true;
    void dispatch(loadSamples(runId)).then((found) => open && setChunks(found));
    return () => {
      open = false;
    };
  }, [dispatch, runId, edition]);
  const lines = channels.flatMap((channel) => {
    const series = joined(chunks, channel);
    return series.at.length > 1
      ? [{ name: channel, series, unit: channel === "distillate" ? "g" : "°C" }]
      : [];
  });
  if (lines.length === 0) return null;
  return (
    <Card className="gap-2 px-2">
      <Txt variant="heading" className="px-2">{t`What the probe saw`}</Txt>
      <Traces
        lines={lines}
        units={units}
        inWords={lines
          .map(({ name, series }) => t`${name}: ${series.at.length} samples`)
          .join("; ")}
      />
    </Card>
  );
}

function joined(chunks: readonly SampleChunk[], channel: Channel): Series {
  const points = new Map<number, number>();
  for (const chunk of chunks) {
    if (chunk.channel !== channel) continue;
    const start = Date.parse(chunk.startAt);
    chunk.offsetsMs.forEach((offset, i) => points.set(start + offset, chunk.values[i]!));
  }
  const sorted = [...points].sort(([a], [b]) => a - b);
  return { at: sorted.map(([at]) => at), value: sorted.map(([, value]) => value) };
}
