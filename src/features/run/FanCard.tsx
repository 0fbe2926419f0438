import { memo } from "react";
import { Pressable } from "react-native";
import { showOil, words } from "@/core/units/format";
import { notesAt } from "@/core/plan/notes";
import { t } from "@/language/t";
import { notesOfPlan } from "@/logbook/run/notesOfPlan";
import type { RunPlan } from "@/records/run";
import { noteWords } from "@/words/noteWords";
import { Fan } from "@/ui/charts/Fan";
import type { CockpitPart } from "./CockpitHead";

/** Visible oil over time, as the readings have narrowed it; a tap opens the stop rules. */
export const FanCard = memo(function FanCard({
  run,
  state,
  live,
  watched,
  since,
  smells,
  onOpen,
}: CockpitPart & {
  /** What the drops smell of now stands here. */
  smells: boolean;
  onOpen: () => void;
}) {
  if (!watched || !live.live || state.firstDropAt === undefined) return null;
  const firstDropAt = state.firstDropAt;
  const end = since + Math.max(0, live.live.minutesToHeatOff);
  const measured = state.readings.flatMap(({ at, oilMl }) =>
    oilMl === undefined ? [] : [{ minutes: (Date.parse(at) - firstDropAt) / 60000, value: oilMl }],
  );
  const track = watched.fan
    .filter(({ minutes }) => minutes <= since)
    .map(({ minutes, p50 }) => ({ minutes, value: p50 }));
  const more = words(showOil(watched.tenMoreMl.p50));
  const note =
    watched.doubts.length > 0
      ? t`not as any played run: why?`
      : smells
        ? comingNow(run.plan, live.live.distillateMl, more)
        : t`10 more min bring ${more}`;
  return (
    <Pressable
      role="button"
      aria-label={t`mL of visible oil, ${note}. Forecast and stop`}
      onPress={onOpen}
      className="rounded-card bg-panel px-2 py-1 active:opacity-80"
    >
      <Fan
        plain
        fan={watched.fan}
        unit={t`mL of visible oil`}
        track={track}
        measured={measured}
        marks={[{ minutes: end, label: t`heat off`, strong: true }]}
        height={76}
        note={note}
        inWords={t`Visible oil: ${words(showOil(watched.now.visibleAtOnceMl.p50))} now, runs like this likely end at ${showOil(watched.end.visibleMl.p10).text} and ${words(showOil(watched.end.visibleMl.p90))}.`}
      />
    </Pressable>
  );
});

/** The notes that come now, as the fan's corner has room for them. */
function comingNow(plan: RunPlan, nowMl: number, more: string): string {
  const notes = notesOfPlan(plan);
  const now = notes ? notesAt(notes, nowMl).slice(0, 2) : [];
  if (now.length === 0) return t`10 more min bring ${more}`;
  return t`now ${now.map((family) => noteWords[family]).join(", ")} · 10 more min bring ${more}`;
}
