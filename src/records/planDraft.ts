import { z } from "zod";
import { type CraftStop, craftStops } from "@/core/plan/warning";
import { type UnitSystem, units } from "@/core/units/units";

const text = z.string().max(200);
const unitName = z.string().refine((name) => Object.hasOwn(units, name), "no unit is called that");

/** The field that holds why a stop about craft is gone past; empty: it is not. */
type BecauseField = `because_${CraftStop}`;
export const becauseField = (code: CraftStop): BecauseField => `because_${code}`;
const becauseOf = <T>(value: T) =>
  Object.fromEntries(craftStops.map((code) => [becauseField(code), value])) as Record<
    BecauseField,
    T
  >;

const fields = {
  ...becauseOf(text),
  plantId: text,
  state: text,
  stillId: text,
  method: text,
  /** From the plant that there is, or from the product that is wanted. */
  goal: z.enum(["have", "want"]),
  wishWhat: z.enum(["oil", "hydrosol"]),
  wishText: text,
  wishUnit: unitName,
  /** How the mass is told: on a scale, counted in a measure, or by filling the still. */
  massBy: z.enum(["scale", "measure", "still"]),
  massText: text,
  massUnit: unitName,
  measureId: text,
  countText: text,
  /** Months a dried plant has lain. */
  agedText: text,
  /** Its water share, per cent; empty: as is usual for the plant in this state. */
  moistureText: text,
  preparation: text,
  pace: z.enum(["gentle", "brisk"]),
  /** Distillate after the first drop, mL/min; empty: as the pace says. */
  rateText: text,
  waterRule: z.enum(["ratio", "cover", "mark"]),
  stopBy: z.enum(["tail", "least", "ratio", "worth", "clock", "smell"]),
  /** Empty: what is usual for this plant as it is. */
  ratioText: text,
  /** Empty: a fiftieth of the charge's oil. */
  worthText: text,
  minutesText: text,
  hydrosol: z.enum(["firstCut", "notes", "all"]),
  /** Shares of the oil at which the notes are cut; empty: as usual. */
  headsText: text,
  tailsText: text,
  settling: z.enum(["share", "halfHour", "overnight", "salt"]),
  copper: z.enum(["none", "copper"]),
  /** Empty: the plan chooses. */
  waterText: text,
  waterUnit: unitName,
  chargesText: text,
  /** Ice in the tub, kg; empty: as the still's record says. */
  iceText: text,
  /** Cooling water, °C; empty: as the site says. */
  coolingText: text,
  /** Place of the receiver among the still's. */
  receiver: text,
  /** The harvest whose next charge this is. */
  harvestId: text,
  /** The run that was made ready from this and is not lit yet: made ready again, it is changed. */
  runId: text,
  /** The trial that this charge is for, its side and its pair. */
  trialId: text,
  trialSide: z.enum(["a", "b"]),
  trialPair: text,
};

/** Everything that stands in the plan's fields, as text, so that it survives a reload word for word. */
export type PlanDraft = { [Name in keyof typeof fields]: z.infer<(typeof fields)[Name]> };

/** A draft as it is stored: a field that cannot be read is left out, and the others stand. */
export const planDraftSchema = z.object(
  Object.fromEntries(
    Object.entries(fields).map(([name, field]) => [
      name,
      (field as z.ZodType<string>).optional().catch(undefined),
    ]),
  ) as { [Name in keyof PlanDraft]: z.ZodCatch<z.ZodOptional<z.ZodType<PlanDraft[Name]>>> },
);
export type StoredDraft = z.infer<typeof planDraftSchema>;

/** A stored draft with every field told: where it has none, as an empty draft has it. */
export function wholeDraft(stored: StoredDraft | undefined, system: UnitSystem): PlanDraft {
  const told = Object.entries(stored ?? {}).filter(([, value]) => value !== undefined);
  return { ...emptyDraft(system), ...(Object.fromEntries(told) as Partial<PlanDraft>) };
}

/** A draft to begin with: each question of practice at its default. */
export function emptyDraft(units: UnitSystem): PlanDraft {
  return {
    ...becauseOf(""),
    plantId: "",
    state: "",
    stillId: "",
    method: "",
    goal: "have",
    wishWhat: "oil",
    wishText: "",
    wishUnit: "mL",
    massBy: "scale",
    massText: "",
    massUnit: units === "metric" ? "g" : "oz",
    measureId: "",
    countText: "",
    agedText: "",
    moistureText: "",
    preparation: "",
    pace: "gentle",
    rateText: "",
    waterRule: "ratio",
    stopBy: "tail",
    ratioText: "",
    worthText: "",
    minutesText: "",
    hydrosol: "firstCut",
    headsText: "",
    tailsText: "",
    settling: "share",
    copper: "none",
    waterText: "",
    waterUnit: units === "metric" ? "mL" : "floz",
    chargesText: "",
    iceText: "",
    coolingText: "",
    receiver: "0",
    harvestId: "",
    runId: "",
    trialId: "",
    trialSide: "a",
    trialPair: "",
  };
}
