import type { Method } from "../still/methods";
import { keysOf } from "../keysOf";

/** One question of practice whose answer is one word in the plan's fields. */
interface ChoiceRow {
  /** The plan's field that holds the answer. */
  field: string;
  /** What stands there until a person chooses. */
  usual: string;
  /** The model has a say in it: numbers stand beside each answer. Else it is only written down. */
  counts: boolean;
  /** Fields of the plan that a new answer empties: they were typed for the old one. */
  clears?: readonly string[];
  /** It goes with the plant, and is no habit of the person's: another plant begins with the default. */
  ofThePlant?: true;
  /** Asked only where the plant lies in the water, or where hydrosol is kept. */
  only?: "inWater" | "keptWater";
  /** What may be answered. */
  answers: readonly string[];
}

/**
 * The choices of a plan, one row each: field, default, answers. The draft's schema, what a run keeps and reads
 * back, a person's habits and the comparison of ways follow from it; how each is asked stands in words/choiceWords.
 */
const planChoices = {
  water: {
    field: "waterRule",
    usual: "ratio",
    counts: true,
    clears: ["waterText"],
    only: "inWater",
    answers: ["ratio", "cover", "mark"],
  },
  pace: {
    field: "pace",
    usual: "gentle",
    counts: true,
    clears: ["rateText"],
    answers: ["gentle", "brisk"],
  },
  stop: {
    field: "stopBy",
    usual: "tail",
    counts: true,
    answers: ["tail", "least", "ratio", "worth", "clock", "smell"],
  },
  hydrosol: {
    field: "hydrosol",
    usual: "firstCut",
    counts: false,
    only: "keptWater",
    answers: ["firstCut", "notes", "all"],
  },
  settling: {
    field: "settling",
    usual: "share",
    counts: false,
    answers: ["share", "halfHour", "overnight", "salt"],
  },
  copper: {
    field: "copper",
    usual: "none",
    counts: false,
    answers: ["none", "copper", "coil", "vapourMesh", "receiverMesh"],
  },
  loading: {
    field: "loading",
    usual: "pressed",
    counts: false,
    ofThePlant: true,
    answers: ["pressed", "loose", "upright", "bundles", "stemsBetween", "loosened"],
  },
  waterKind: {
    field: "waterKind",
    usual: "tap",
    counts: false,
    answers: ["tap", "rain", "spring", "distilled"],
  },
  soaking: {
    field: "soaking",
    usual: "none",
    counts: false,
    ofThePlant: true,
    answers: ["none", "hour", "night", "days"],
  },
} as const satisfies Record<string, ChoiceRow>;

type Choices = typeof planChoices;
export type ChoiceId = keyof Choices;
export const choiceIds = keysOf(planChoices);
/** The answers to a question. */
export type AnswerOf<Id extends ChoiceId> = Choices[Id]["answers"][number];
/** The plan's fields that hold an answer, and what each may be. */
export type ChoiceFields = { [Id in ChoiceId as Choices[Id]["field"]]: AnswerOf<Id> };

/** What is true of a question. */
export function choiceOf(id: ChoiceId): ChoiceRow {
  return planChoices[id];
}

/** Whether a question is asked at all of such a method. */
export function isAsked(id: ChoiceId, method: Method): boolean {
  const { only } = choiceOf(id);
  if (only === "inWater") return method !== "steam";
  return only === "keptWater" ? method !== "cohobation" : true;
}

/** A plan's fields with one thing in each, made of every question's row. */
export function perChoice<T>(of: (row: ChoiceRow) => T): Record<keyof ChoiceFields, T> {
  return fieldsOf(() => true, of) as Record<keyof ChoiceFields, T>;
}

/** The fields of what a person does alike with every plant. */
export function habitFields(): (keyof ChoiceFields)[] {
  return keysOf(
    fieldsOf(
      ({ ofThePlant }) => !ofThePlant,
      () => true,
    ),
  );
}

/** What goes with the plant, at its defaults. */
export function plantDefaults(): Partial<ChoiceFields> {
  return fieldsOf(
    ({ ofThePlant }) => ofThePlant === true,
    ({ usual }) => usual,
  ) as Partial<ChoiceFields>;
}

function fieldsOf<T>(which: (row: ChoiceRow) => boolean, of: (row: ChoiceRow) => T) {
  return Object.fromEntries(
    choiceIds
      .map(choiceOf)
      .filter(which)
      .map((row) => [row.field, of(row)]),
  ) as Partial<Record<keyof ChoiceFields, T>>;
}
