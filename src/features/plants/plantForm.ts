import { z } from "zod";
import { fixed } from "@/core/units/format";
import { compounds } from "@/core/plant/compounds";
import { mostTotal } from "@/core/plant/oil";
import { type Plant, type PlantState, plantStates, tissues } from "@/core/plant/plant";
import type { PlantProse } from "@/core/plant/plantProse";
import { keepingClasses } from "@/core/shelf/bestBy";
import { type UnitSystem, ownUnits } from "@/core/units/units";
import { toInput } from "@/core/units/numberInput";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import type { Material } from "@/records/material";
import { numberField, optionalNumberField } from "@/ui/primitives/numberField";

const oil = (name: string) => optionalNumberField({ name, min: 0, max: 300, above: true });
const figures = {
  low: oil(t`Oil, low`),
  high: oil(t`Oil, high`),
  moisture: optionalNumberField({ name: t`Water`, min: 0, max: 95 }),
  packing: optionalNumberField({ name: t`Packing`, min: 0, max: 1500, above: true }),
};
const sentence = z.string().trim().max(300);
const yesNo = z.enum(["yes", "no"]);
const ratio = limits.waterRatio;

/** A plant's figures as they are typed; a state is told with all its four figures or not at all. */
export const plantFormSchema = z
  .object({
    like: z.string().min(1),
    name: z
      .string()
      .trim()
      .min(1, t`Give the plant a name.`)
      .max(200),
    botanicalName: sentence,
    part: z
      .string()
      .trim()
      .min(1, t`Say which part is distilled.`)
      .max(200),
    code: z
      .string()
      .trim()
      .toUpperCase()
      .regex(/^[A-Z]{2}$/, t`Two letters, like LA.`),
    freshLow: figures.low,
    freshHigh: figures.high,
    freshMoisture: figures.moisture,
    freshPacking: figures.packing,
    wiltedLow: figures.low,
    wiltedHigh: figures.high,
    wiltedMoisture: figures.moisture,
    wiltedPacking: figures.packing,
    driedLow: figures.low,
    driedHigh: figures.high,
    driedMoisture: figures.moisture,
    driedPacking: figures.packing,
    preferredMethod: z.enum(["steam", "hydro"]),
    methodReason: sentence,
    waterFresh: numberField({ name: t`Water to fresh plant`, ...ratio }),
    waterDried: numberField({ name: t`Water to dried plant`, ...ratio }),
    froths: yesNo,
    mats: yesNo,
    tissue: z.enum(tissues),
    usualMinutes: numberField({ name: t`The time`, min: 5, max: 2880 }),
    freeShare: numberField({ name: t`The free share`, min: 0, max: 100 }),
    release: numberField({ name: t`The release`, min: 0, max: 100, above: true }),
    moment: sentence,
    preparation: sentence,
    parts: z.array(
      z.object({
        compoundId: z.string(),
        percent: optionalNumberField({ name: t`A share`, min: 0, max: 100 }),
      }),
    ),
    setsBelow: optionalNumberField({ name: t`The setting point`, ...limits.setsBelowC }),
    keeping: z.enum(keepingClasses),
    oilLook: sentence,
    hydrosolLook: sentence,
    hydrosolWorth: sentence,
    hazards: z.string().max(6000),
    source: sentence,
  })
  .superRefine((form, context) => {
    const fault = (path: string, message: string) =>
      context.addIssue({ code: "custom", path: [path], message });
    let told = 0;
    for (const state of plantStates) {
      const { low, high, moisture, packing } = figuresOf(form, state);
      const given = [low, high, moisture, packing].filter((value) => value !== undefined).length;
      if (given > 0 && given < 4)
        fault(`${state}Low`, t`A state needs oil low and high, water and packing: all four.`);
      if (low !== undefined && high !== undefined && low > high)
        fault(`${state}High`, t`High must not be below low.`);
      if (given === 4) told += 1;
    }
    if (told === 0) fault("freshLow", t`Fill in at least one state: fresh, wilted or dried.`);
    const total = Object.values(compositionOf(form.parts)).reduce((sum, share) => sum + share, 0);
    if (total > mostTotal)
      fault(
        "parts",
        t`The oil's parts come to ${fixed(total * 100, 0)} %: as shares of its mass they cannot be more than 100.`,
      );
    if (total === 0) fault("parts", t`Name at least one part of the oil, with its share.`);
    form.parts.forEach(({ compoundId }, at) => {
      if (form.parts.findIndex((part) => part.compoundId === compoundId) < at)
        fault(
          `parts.${at}.percent`,
          t`${compounds[compoundId]?.name ?? compoundId} is here twice. Put both on one line.`,
        );
    });
    const cautions = linesOf(form.hazards);
    if (cautions.length > 20) fault("hazards", t`Twenty cautions at most, one on each line.`);
    if (cautions.some((line) => line.length > 300))
      fault("hazards", t`A caution can have 300 letters at most: break it into two lines.`);
  });
export type PlantForm = z.input<typeof plantFormSchema>;
/** The form as read: numbers in canonical units. */
export type PlantFormRead = z.output<typeof plantFormSchema>;

function figuresOf(form: PlantFormRead, state: PlantState) {
  return {
    low: form[`${state}Low`],
    high: form[`${state}High`],
    moisture: form[`${state}Moisture`],
    packing: form[`${state}Packing`],
  };
}

/** What the parts come to, as shares of the oil's mass; lines without a share are left out. */
export function compositionOf(
  parts: readonly { compoundId: string; percent?: number }[],
): Record<string, number> {
  return Object.fromEntries(
    parts.flatMap(({ compoundId, percent }) =>
      percent ? [[compoundId, Number((percent / 100).toFixed(6))]] : [],
    ),
  );
}

function linesOf(text: string): string[] {
  return text
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => line !== "");
}

/** A plant's figures as the form shows them; empty where there is no plant yet. */
export function plantFormDefaults(
  plant: (Plant & PlantProse) | undefined,
  like: string,
  units: UnitSystem,
): PlantForm {
  const one = (value: number | undefined) => toInput(value, "one");
  const ofPlantIn = ownUnits("plantYield", units)[0]!;
  const packedIn = ownUnits("packing", units)[0]!;
  const state = (name: PlantState) => {
    const known = plant?.states[name];
    return {
      low: toInput(known?.oilMlPerKg.low, ofPlantIn),
      high: toInput(known?.oilMlPerKg.high, ofPlantIn),
      moisture: one(known === undefined ? undefined : known.moisture * 100),
      packing: toInput(known?.packingGPerL, packedIn),
    };
  };
  const [fresh, wilted, dried] = [state("fresh"), state("wilted"), state("dried")];
  return {
    like,
    name: plant?.name ?? "",
    botanicalName: plant?.botanicalName ?? "",
    part: plant?.part ?? "",
    code: plant?.code ?? "",
    freshLow: fresh.low,
    freshHigh: fresh.high,
    freshMoisture: fresh.moisture,
    freshPacking: fresh.packing,
    wiltedLow: wilted.low,
    wiltedHigh: wilted.high,
    wiltedMoisture: wilted.moisture,
    wiltedPacking: wilted.packing,
    driedLow: dried.low,
    driedHigh: dried.high,
    driedMoisture: dried.moisture,
    driedPacking: dried.packing,
    preferredMethod: plant?.preferredMethod === "hydro" ? "hydro" : "steam",
    methodReason: plant?.methodReason ?? "",
    waterFresh: one(plant?.waterMlPerG.fresh ?? 5),
    waterDried: one(plant?.waterMlPerG.dried ?? 10),
    froths: plant?.froths ? "yes" : "no",
    mats: plant?.mats ? "yes" : "no",
    tissue: plant?.tissue ?? "surfaceGlands",
    usualMinutes: toInput(plant?.usualMinutes ?? 60, "min"),
    freeShare: one((plant?.freeShare ?? 0.5) * 100),
    release: one((plant?.releasePerMinute ?? 0.02) * 100),
    moment: plant?.moment ?? "",
    preparation: plant?.preparation ?? "",
    parts: Object.entries(plant?.composition ?? {})
      .sort(([, a], [, b]) => b - a)
      .map(([compoundId, share]) => ({ compoundId, percent: one(share * 100) })),
    setsBelow: toInput(plant?.setsBelowC, ownUnits("temperature", units)[0]!),
    keeping: plant?.keeping ?? "middling",
    oilLook: plant?.oilLook ?? "",
    hydrosolLook: plant?.hydrosolLook ?? "",
    hydrosolWorth: plant?.hydrosolWorth ?? "",
    hazards: plant?.hazards.join("\n") ?? "",
    source: plant?.source ?? "",
  };
}

/** What of the form is the person's own: what differs from the catalogue plant it is like. */
export function ownFromForm(form: PlantFormRead, like: Plant & PlantProse): Material["own"] {
  const states: NonNullable<Material["own"]["states"]> = {};
  for (const state of plantStates) {
    const { low, high, moisture, packing } = figuresOf(form, state);
    if (
      low === undefined ||
      high === undefined ||
      moisture === undefined ||
      packing === undefined
    ) {
      if (like.states[state]) states[state] = null;
      continue;
    }
    const told = { oilMlPerKg: { low, high }, moisture: moisture / 100, packingGPerL: packing };
    if (!alike(told, like.states[state])) states[state] = told;
  }
  const plain = {
    name: form.name,
    botanicalName: form.botanicalName,
    part: form.part,
    code: form.code,
    preferredMethod: form.preferredMethod,
    methodReason: form.methodReason,
    waterMlPerG: { fresh: form.waterFresh, dried: form.waterDried },
    froths: form.froths === "yes",
    mats: form.mats === "yes",
    tissue: form.tissue,
    composition: compositionOf(form.parts),
    setsBelowC: form.setsBelow ?? null,
    keeping: form.keeping,
    oilLook: form.oilLook,
    hydrosolLook: form.hydrosolLook,
    hydrosolWorth: form.hydrosolWorth,
    hazards: linesOf(form.hazards),
    usualMinutes: form.usualMinutes,
    freeShare: form.freeShare / 100,
    releasePerMinute: form.release / 100,
    moment: form.moment,
    preparation: form.preparation,
    source: form.source,
  };
  const book = { ...like, mats: like.mats ?? false, setsBelowC: like.setsBelowC ?? null };
  const changed = Object.entries(plain).filter(
    ([name, value]) => !alike(value, book[name as keyof typeof plain]),
  );
  return {
    ...(Object.fromEntries(changed) as Material["own"]),
    ...(Object.keys(states).length > 0 ? { states } : {}),
  };
}

/* A field shows five figures: what differs by less was not changed by hand. */
function alike(a: unknown, b: unknown): boolean {
  if (typeof a === "number" && typeof b === "number")
    return Math.abs(a - b) <= 1e-4 * Math.max(1e-3, Math.abs(a), Math.abs(b));
  if (a && b && typeof a === "object" && typeof b === "object")
    return Object.keys({ ...a, ...b }).every((name) =>
      alike((a as Record<string, unknown>)[name], (b as Record<string, unknown>)[name]),
    );
  return a === b;
}
