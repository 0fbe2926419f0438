import { fixed, showTemperature, words } from "@/core/units/format";
import { memo } from "react";
import type { SampleFeed } from "@/instruments/sampleFeed";
import { channels } from "@/messages/instrumentMessages";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { Traces } from "@/ui/charts/Traces";
import { Card } from "@/ui/primitives/Card";

const names = {
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
  const { units } = useAppSelector(selectPreferences);
  const lines = channels.flatMap((channel) => {
    const series = feed.series(channel);
    return series && series.at.length > 1
      ? [{ name: names[channel], series, unit: channel === "distillate" ? "g" : "°C" }]
      : [];
  });
  if (lines.length === 0) return null;
  const said = (value: number, unit: string) =>
    unit === "g" ? `${fixed(value, 0)} g` : words(showTemperature(value, units));
  return (
    <Card className="px-2 py-2">
      <Traces
        lines={lines}
        units={units}
        inWords={lines
          .map(({ name, series, unit }) => `${name} ${said(series.value.at(-1) ?? NaN, unit)}`)
          .join(", ")}
      />
    </Card>
  );
});
