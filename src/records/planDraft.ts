import { z } from "zod";
import { type ChoiceFields, perChoice } from "@/core/plan/planChoices";
import { type CraftStop, craftStops } from "@/core/forecast/warning";
import {
  type NumberKind,
  type UnitName,
  type UnitSystem,
  ownUnits,
  units,
} from "@/core/units/units";

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
  ...(perChoice(({ answers }) => z.enum(answers)) as {
    [Field in keyof ChoiceFields]: z.ZodType<ChoiceFields[Field]>;
  }),
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
  /** Distillate after the first drop; empty: as the pace says. */
  rateText: text,
  rateUnit: unitName,
  /** Empty: what is usual for this plant as it is. */
  ratioText: text,
  ratioUnit: unitName,
  /** Empty: a fiftieth of the charge's oil. */
  worthText: text,
  minutesText: text,
  /** Shares of the oil at which the notes are cut; empty: as usual. */
  headsText: text,
  tailsText: text,
  /** Empty: the plan chooses. */
  waterText: text,
  waterUnit: unitName,
  chargesText: text,
  /** Ice in the tub; empty: as the still's record says. */
  iceText: text,
  iceUnit: unitName,
  /** Cooling water's temperature; empty: as the site says. */
  coolingText: text,
  coolingUnit: unitName,
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
  /** The laid-out day that this charge belongs to, and which of its charges it is. */
  dayId: text,
  dayCharge: text,
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

/* What a number is typed in, and of which kind it is. */
const measured = {
  mass: "plantMass",
  water: "volume",
  rate: "flow",
  ratio: "perPlant",
  ice: "iceMass",
  cooling: "temperature",
} as const satisfies Record<string, NumberKind>;
type Measured = keyof typeof measured;
/** The unit that numbers are in which are no longer what a person typed: a remedy's, a stored plan's. */
export const canonicalUnits = {
  massUnit: "g",
  waterUnit: "mL",
  rateUnit: "mLPerMin",
  ratioUnit: "LPerKg",
  iceUnit: "kg",
  coolingUnit: "C",
} as const satisfies Record<`${Measured}Unit`, UnitName>;

/**
 * A stored draft with every field told: where it has none, as an empty draft has it. What was typed stays in the
 * unit it was typed in; an empty field is in the person's own system.
 */
export function wholeDraft(stored: StoredDraft | undefined, system: UnitSystem): PlanDraft {
  const told = Object.entries(stored ?? {}).filter(([, value]) => value !== undefined);
  const empty = emptyDraft(system);
  const draft = { ...empty, ...(Object.fromEntries(told) as Partial<PlanDraft>) };
  for (const name of Object.keys(measured) as Measured[]) {
    const [text, unit] = [`${name}Text`, `${name}Unit`] as const;
    const own = ownUnits(measured[name], system);
    /* Before a number's unit was kept with it, it was the canonical one. */
    if (stored?.[text] && stored[unit] === undefined) draft[unit] = canonicalUnits[unit];
    else if (!draft[text] && !own.some((each) => each === draft[unit])) draft[unit] = empty[unit];
  }
  return draft;
}

/** A draft to begin with: each question of practice at its default. */
export function emptyDraft(system: UnitSystem): PlanDraft {
  return {
    ...becauseOf(""),
    ...(perChoice(({ usual }) => usual) as ChoiceFields),
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
    massUnit: usual("mass", system),
    measureId: "",
    countText: "",
    agedText: "",
    moistureText: "",
    preparation: "",
    rateText: "",
    rateUnit: usual("rate", system),
    ratioText: "",
    ratioUnit: usual("ratio", system),
    worthText: "",
    minutesText: "",
    headsText: "",
    tailsText: "",
    waterText: "",
    waterUnit: usual("water", system),
    chargesText: "",
    iceText: "",
    iceUnit: usual("ice", system),
    coolingText: "",
    coolingUnit: usual("cooling", system),
    receiver: "0",
    harvestId: "",
    runId: "",
    trialId: "",
    trialSide: "a",
    trialPair: "",
    dayId: "",
    dayCharge: "",
  };
}

function usual(name: Measured, system: UnitSystem): UnitName {
  return ownUnits(measured[name], system)[0]!;
}
