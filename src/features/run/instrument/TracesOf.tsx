import { memo } from "react";
import type { SampleFeed } from "@/instruments/sampleFeed";
import { channels } from "@/records/instrumentMessages";
import { Traces } from "@/ui/charts/Traces";
import { Card } from "@/ui/primitives/Card";

const words = {
  head: "head",
  outlet: "outlet",
  tub: "tub",
  distillate: "distillate",
} as const;

/** A feed's channels over time. */
export const TracesOf = memo(function TracesOf({
  feed,
}: {
  feed: SampleFeed;
  /** Tells when there is more to draw. */
  version: number;
}) {
  const lines = channels.flatMap((channel) => {
    const series = feed.series(channel);
    return series && series.at.length > 1
      ? [{ name: words[channel], series, unit: channel === "distillate" ? "g" : "°C" }]
      : [];
  });
  if (lines.length === 0) return null;
  return (
    <Card className="px-2 py-2">
      <Traces
        lines={lines}
        inWords={lines
          .map(({ name, series, unit }) => `${name} ${series.value.at(-1)?.toFixed(0)} ${unit}`)
          .join(", ")}
      />
    </Card>
  );
});
