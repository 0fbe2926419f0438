import { memo, useMemo, useState } from "react";
import { View } from "react-native";
import {
  notesOfRun,
  showOil,
  showVolume,
  usualCuts,
  words,
  type ChargePlan,
  type CutJar,
  type UnitSystem,
} from "@/core";
import { NoteBands, NoteSwatch, shownFamilies } from "@/ui/charts/NoteBands";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { noteWords } from "@/words/noteWords";

const jarNames = ["First jar", "Middle", "Tail"];
/* A tap moves a cut by so much of the oil, within these ends. */
const move = 0.05;
const first = { least: 0.05, most: 0.35 };
const last = { least: 0.5, most: 0.95 };

/** Which notes come when, and what three jars of this run would hold. */
export const NotesCard = memo(function NotesCard({
  plan,
  units,
}: {
  plan: ChargePlan;
  units: UnitSystem;
}) {
  const [cuts, setCuts] = useState<[number, number]>([...usualCuts]);
  const notes = useMemo(() => notesOfRun(plan.request, cuts), [plan.request, cuts]);
  const usual = useMemo(() => notesOfRun(plan.request), [plan.request]);
  if (notes.bands.length === 0) return null;
  const families = shownFamilies(notes.bands);
  const cutsMl = notes.jars.slice(1).map(({ fromMl }) => fromMl);
  const volume = (ml: number) => words(showVolume(ml, units));
  const saying = notes.jars.map((jar, i) => `${jarNames[i] ?? "Then"}: ${tellsOf(jar)}`).join("; ");
  /* What the ends are richer in than the whole is what a cut can take away. */
  const [lightest, heaviest] = [usual.jars[0]?.mostly[0], usual.jars.at(-1)?.mostly[0]];
  const lost = (usual.jars[1]?.oilMl ?? 0) - (notes.jars[1]?.oilMl ?? 0);
  const shift = (by: [number, number]) =>
    setCuts(([a, b]) => [
      Math.min(first.most, Math.max(first.least, a + by[0])),
      Math.min(last.most, Math.max(last.least, b + by[1])),
    ]);
  return (
    <Card className="gap-3">
      <Txt variant="heading">Which notes come when</Txt>
      <NoteBands
        bands={notes.bands}
        families={families}
        cutsMl={cutsMl}
        from="first drop"
        to={volume(notes.distillateMl)}
        inWords={`${saying}.`}
      />
      <View className="flex-row flex-wrap gap-x-4 gap-y-1">
        {families.map((family) => (
          <View key={family} className="flex-row items-center gap-2">
            <NoteSwatch family={family} />
            <Txt variant="small" className="text-ink">
              {noteWords[family]}
            </Txt>
          </View>
        ))}
      </View>
      {notes.jars.map((jar, i) => (
        <View key={jarNames[i] ?? i}>
          <Txt variant="strong">
            {`${jarNames[i] ?? "Then"}, ${i === notes.jars.length - 1 ? "to the end" : `to ${volume(jar.toMl)}`}`}
          </Txt>
          <Txt variant="small" className="text-ink">
            {`${tellsOf(jar)} · ${words(showOil(jar.oilMl))} of oil to see, ${volume(jar.hydrosolMl)} of hydrosol`}
          </Txt>
        </View>
      ))}
      {notes.jars.length === 3 ? (
        <>
          <View className="flex-row flex-wrap gap-2">
            {lightest ? (
              <Button
                look="quiet"
                size="small"
                label={`Less ${noteWords[lightest]}`}
                hint={`A middle with less ${noteWords[lightest]}: the first cut later`}
                onPress={() => shift([move, 0])}
              />
            ) : null}
            {heaviest && heaviest !== lightest ? (
              <Button
                look="quiet"
                size="small"
                label={`Less ${noteWords[heaviest]}`}
                hint={`A middle with less ${noteWords[heaviest]}: the last cut earlier`}
                onPress={() => shift([0, -move])}
              />
            ) : null}
            <Button
              look="plain"
              size="small"
              label="As usual"
              onPress={() => setCuts([...usualCuts])}
            />
          </View>
          <Txt variant="small" role="status">
            {lost > 0.005
              ? `The middle is ${words(showOil(lost))} smaller than with the usual cuts.`
              : "The usual cuts: after a seventh of the oil, and after three quarters of it."}
          </Txt>
        </>
      ) : null}
      <Txt variant="small">
        From the compounds of the oil and how readily each comes. The order holds; how much, to
        about a third.
      </Txt>
    </Card>
  );
});

function tellsOf({ mostly }: CutJar): string {
  return mostly.map((family) => noteWords[family]).join(", ") || "hardly any oil";
}
