import { memo, useMemo, useRef, useState } from "react";
import { View } from "react-native";
import { showOil, showVolume, words } from "@/core/units/format";
import type { ChargePlan } from "@/core/plan/chargePlan";
import { type CutJar, notesOfRun, usualCuts } from "@/core/plan/notes";
import { type NumberInput, inUnit, readNumber } from "@/core/units/numberInput";
import { type UnitSystem, unitsFor } from "@/core/units/units";
import { t } from "@/language/t";
import { noteCutsOf, withCut } from "@/logbook/plan/noteCuts";
import type { PlanDraft } from "@/records/planDraft";
import { NoteBands, NoteLegend, shownFamilies } from "@/ui/charts/NoteBands";
import { Button } from "@/ui/primitives/Button";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";
import { noteWords } from "@/words/noteWords";

const jarNames = [t`First jar`, t`Middle`, t`Tail`];
const afterNames = [t`Cut after the first jar`, t`Cut after the middle`];
const cutNames = [t`First jar to`, t`Middle to`];
/* A tap moves a cut by so much of the oil. */
const tap = 0.05;

type NoteDraft = Pick<PlanDraft, "headsText" | "tailsText" | "hydrosol">;
type Cuts = readonly [number, number];

interface Props {
  plan: ChargePlan;
  draft: NoteDraft;
  units: UnitSystem;
  onChange: (part: Partial<NoteDraft>) => void;
}

/** Which notes come when, and what three jars of this run would hold. */
export const NotesCard = memo(function NotesCard({ plan, draft, units, onChange }: Props) {
  const kept = noteCutsOf(draft);
  /* While a finger drags a cut, it stands here; once it is up, in the plan. */
  const [dragged, setDragged] = useState<Cuts>();
  const latest = useRef<Cuts>(undefined);
  const [first, last] = dragged ?? kept;
  const notes = useMemo(() => notesOfRun(plan.request, [first, last]), [plan.request, first, last]);
  const asUsual = first === usualCuts[0] && last === usualCuts[1];
  const usual = useMemo(
    () => (asUsual ? notes : notesOfRun(plan.request)),
    [asUsual, notes, plan.request],
  );
  if (notes.bands.length === 0) return null;
  const families = shownFamilies(notes.bands);
  const cutsMl = notes.jars.slice(1).map(({ fromMl }) => fromMl);
  const volume = (ml: number) => words(showVolume(ml, units));
  const saying = notes.jars
    .map((jar, i) => `${jarNames[i] ?? t`Then`}: ${tellsOf(jar)}`)
    .join("; ");
  const keep = ([a, b]: Cuts) => onChange({ headsText: asText(a), tailsText: asText(b) });
  const moved = (i: number, ml: number): Cuts => withCut([first, last], i, notes.shareAt(ml));
  const handles = cutsMl.map((ml, i) => ({
    label: afterNames[i]!,
    text: volume(ml),
    onMove: (to: number) => {
      latest.current = moved(i, to);
      setDragged(latest.current);
    },
    onDone: () => {
      if (latest.current) keep(latest.current);
      latest.current = undefined;
      setDragged(undefined);
    },
  }));
  const lost = (usual.jars[1]?.oilMl ?? 0) - (notes.jars[1]?.oilMl ?? 0);
  const planned = draft.hydrosol === "notes";
  return (
    <View className="gap-3">
      <NoteBands
        bands={notes.bands}
        families={families}
        cutsMl={cutsMl}
        handles={handles}
        from={t`first drop`}
        to={volume(notes.distillateMl)}
        inWords={`${saying}.`}
      />
      <NoteLegend families={families} names={noteWords} />
      {notes.jars.map((jar, i) => (
        <View key={jarNames[i] ?? i}>
          <Txt variant="strong">
            {`${jarNames[i] ?? t`Then`}, ${i === notes.jars.length - 1 ? t`to the end` : t`to ${volume(jar.toMl)}`}`}
          </Txt>
          <Txt variant="small" className="text-ink">
            {t`${tellsOf(jar)} · ${words(showOil(jar.oilMl))} of visible oil, ${volume(jar.hydrosolMl)} of hydrosol`}
          </Txt>
        </View>
      ))}
      {notes.jars.length === 3 ? (
        <>
          <View className="flex-row gap-3">
            {cutsMl.map((ml, i) => (
              <CutField
                key={cutNames[i]}
                label={cutNames[i]!}
                ml={ml}
                mostMl={notes.distillateMl}
                units={units}
                onTyped={(to) => keep(moved(i, to))}
              />
            ))}
          </View>
          <LessOf
            usual={usual.jars}
            onLess={([of, by]) => keep(withCut([first, last], of, [first, last][of]! + by))}
            onUsual={() => onChange({ headsText: "", tailsText: "" })}
          />
          <Txt variant="small" role="status">
            {lost > 0.005
              ? t`The middle is ${words(showOil(lost))} smaller than with the usual cuts.`
              : lost < -0.005
                ? t`The middle is ${words(showOil(-lost))} larger than with the usual cuts.`
                : t`The usual cuts: after a seventh of the oil, and after three quarters of it.`}
          </Txt>
          <Button
            look="quiet"
            label={planned ? t`Plan one early jar instead` : t`Plan these three jars`}
            onPress={() => onChange({ hydrosol: planned ? "firstCut" : "notes" })}
          />
          {planned ? (
            <Txt variant="small">{t`During the run Sereno tells you when to change the jar.`}</Txt>
          ) : null}
        </>
      ) : null}
      <Txt variant="small">{t`Calculated from the oil's compounds and how easily each comes over. The order is reliable, the amounts within a third.`}</Txt>
    </View>
  );
});

/** What the ends are richer in than the whole is what a cut can take away. */
function LessOf({
  usual,
  onLess,
  onUsual,
}: {
  usual: readonly CutJar[];
  /** Which of the two cuts, and by how much of the oil. */
  onLess: (move: [of: 0 | 1, by: number]) => void;
  onUsual: () => void;
}) {
  const [lightest, heaviest] = [usual[0]?.mostly[0], usual.at(-1)?.mostly[0]];
  return (
    <View className="flex-row flex-wrap gap-2">
      {lightest ? (
        <Button
          look="quiet"
          size="small"
          label={t`Less ${noteWords[lightest]}`}
          hint={t`A middle with less ${noteWords[lightest]}: the first cut later`}
          onPress={() => onLess([0, tap])}
        />
      ) : null}
      {heaviest && heaviest !== lightest ? (
        <Button
          look="quiet"
          size="small"
          label={t`Less ${noteWords[heaviest]}`}
          hint={t`A middle with less ${noteWords[heaviest]}: the last cut earlier`}
          onPress={() => onLess([1, -tap])}
        />
      ) : null}
      <Button look="plain" size="small" label={t`As usual`} onPress={onUsual} />
    </View>
  );
}

/** A cut as a number: what is typed counts once it can be read and lies within the run. */
function CutField({
  label,
  ml,
  mostMl,
  units,
  onTyped,
}: {
  label: string;
  ml: number;
  mostMl: number;
  units: UnitSystem;
  onTyped: (ml: number) => void;
}) {
  const choices = unitsFor("volume", units);
  const [typed, setTyped] = useState<NumberInput>();
  const rounded: NumberInput = { text: String(Math.round(ml)), unit: "mL" };
  const standing = units === "metric" ? rounded : inUnit(rounded, choices[0]!);
  const read = typed && readNumber(typed, { name: t`The cut`, min: 0, max: mostMl, above: true });
  return (
    <NumberField
      label={label}
      value={typed ?? standing}
      choices={[(typed ?? standing).unit]}
      problem={read && !read.ok ? read.problem : undefined}
      onChange={(next) => {
        setTyped(next);
        const now = readNumber(next, { name: t`The cut`, min: 0, max: mostMl, above: true });
        if (now.ok) onTyped(now.value);
      }}
      onBlur={() => read?.ok !== false && setTyped(undefined)}
    />
  );
}

function asText(share: number): string {
  return String(Number(share.toFixed(4)));
}

function tellsOf({ mostly }: CutJar): string {
  return mostly.map((family) => noteWords[family]).join(", ") || t`hardly any oil`;
}
