import type { Method } from "../still/methods";
import { keysOf } from "../keysOf";
import type { School } from "./schools";

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
  question: string;
  /** The main schools, each with what it claims; none of them is wrong, and a trial of one's own decides. */
  schools: Readonly<Record<string, School>>;
  /** What is taken where the person does not choose, and why. */
  defaultIs: string;
  reason: string;
}

/**
 * The choices of a plan, one row each: field, default, schools with their claims. The draft's schema, what a run keeps and reads
 * back, a person's habits and the comparison of ways follow from it.
 */
const planChoices = {
  water: {
    field: "waterRule",
    usual: "ratio",
    counts: true,
    clears: ["waterText"],
    only: "inWater",
    question: "How much water?",
    schools: {
      ratio: {
        name: "By plant weight",
        claim:
          "Five times the weight of fresh plant, eight to twelve times that of dry. The same every time.",
        effect: "A larger charge gets more water.",
      },
      cover: {
        name: "Until it is covered",
        claim: "A finger of water above the plant lets it move.",
        effect: "Loose plant needs more, dense seed less.",
      },
      mark: {
        name: "To the pot's mark",
        claim: "One mark, no arithmetic, and the water lasts long.",
        effect: "Slowest to boil.",
      },
    },
    defaultIs: "By plant weight, as far as the still holds it",
    reason: "It can be repeated, so that runs can be compared.",
  },
  pace: {
    field: "pace",
    usual: "gentle",
    counts: true,
    clears: ["rateText"],
    question: "Gentle or brisk?",
    schools: {
      gentle: {
        name: "Gentle",
        claim: "About a drop a second on a small still. The hydrosol is richer and comes cooler.",
        effect:
          "You turn the heat down after the first drop. It takes longer, with less water and cooling an hour.",
      },
      brisk: {
        name: "Brisk",
        claim: "More in an hour. The heavy part of the oil comes over sooner.",
        effect: "Full heat to the end. Late in the run it only thins the hydrosol.",
      },
    },
    defaultIs: "Gentle after the first drop",
    reason: "Oil deep in the plant needs time more than steam.",
  },
  stop: {
    field: "stopBy",
    usual: "tail",
    counts: true,
    question: "When to stop?",
    schools: {
      tail: {
        name: "Hydrosol first, then oil",
        claim:
          "Keep the hydrosol that is worth it. Then go on while ten more minutes are worth it.",
        effect: "You change the jar once, and stop when the oil gets too little.",
      },
      least: {
        name: "Whichever comes first",
        claim: "Hydrosol wanted, not worth ten more minutes, or water runs low.",
        effect: "The first of the three ends the run.",
      },
      ratio: {
        name: "Hydrosol wanted",
        claim: "As much hydrosol as plant keeps its scent.",
        effect: "Stops at a volume you can read on the jar.",
      },
      worth: {
        name: "Not worth ten more minutes",
        claim: "Stop when ten more minutes bring too little oil.",
        effect: "Follows how the oil comes over.",
      },
      clock: {
        name: "By the clock",
        claim: "The same number of minutes every year.",
        effect: "Stops at a time you set.",
      },
      smell: {
        name: "By smell",
        claim: "Stop when the drops smell of boiled stalks.",
        effect: "The plan shows the usual time. Your nose decides.",
      },
    },
    defaultIs: "Hydrosol first, then oil",
    reason: "Hydrosol loses its scent sooner than the plant its oil.",
  },
  hydrosol: {
    field: "hydrosol",
    usual: "firstCut",
    counts: false,
    only: "keptWater",
    question: "One hydrosol or several?",
    schools: {
      firstCut: {
        name: "First cut in its own jar",
        claim: "The first part holds most of the scent. The rest is for the garden.",
        effect: "You change the jar after a third of the hydrosol.",
      },
      notes: {
        name: "A jar for each note",
        claim: "Early, middle and late notes each get a jar, to blend or to leave out.",
        effect: "You change the jar at the two cuts under Which notes come when.",
      },
      all: { name: "All in one jar", claim: "Only the whole run smells like the plant." },
    },
    defaultIs: "First cut in its own jar",
    reason: "Two jars can still be poured together. One cannot be split again.",
  },
  settling: {
    field: "settling",
    usual: "share",
    counts: false,
    question: "How long to let it settle?",
    schools: {
      share: {
        name: "Until 95 % has risen",
        claim: "As long as this oil needs.",
        effect: "Calculated from the oil's density.",
      },
      halfHour: {
        name: "Half an hour",
        claim: "What has not separated by then is not worth waiting for.",
        effect: "Half an hour.",
      },
      overnight: {
        name: "Overnight",
        claim: "Waiting costs nothing.",
        effect: "Twelve hours.",
      },
      salt: {
        name: "With salt",
        claim: "Salt drives fine drops out of the water.",
        effect:
          "Salt makes the water heavier: oil that floats separates sooner, oil that sinks later. Salted hydrosol is not for the skin.",
      },
    },
    defaultIs: "Until 95 % has risen",
    reason: "Light oils need two hours, heavy ones more than a night.",
  },
  copper: {
    field: "copper",
    usual: "none",
    counts: false,
    question: "Copper?",
    schools: {
      none: { name: "None", claim: "Steel and glass change nothing in the oil." },
      copper: {
        name: "In the packing or head",
        claim: "Takes away the sulphur smell of some fresh plants.",
      },
      coil: { name: "In the coil", claim: "The whole vapour passes it, and it cools best." },
      vapourMesh: { name: "Mesh in the vapour", claim: "Easy to take out and clean." },
      receiverMesh: { name: "Mesh in the receiver", claim: "Works on the hydrosol as it stands." },
    },
    defaultIs: "None",
    reason: "Sereno keeps it with the run, so that your own runs can show.",
  },
  loading: {
    field: "loading",
    usual: "pressed",
    counts: false,
    ofThePlant: true,
    question: "How is it loaded?",
    schools: {
      pressed: {
        name: "Pressed down by hand",
        claim: "More fits in, and steam finds no wide gaps.",
      },
      loose: { name: "Loose", claim: "Steam comes to every leaf." },
      upright: { name: "Upright", claim: "Stems stand like chimneys, and steam rises along them." },
      bundles: { name: "In bundles", claim: "Quick to load and to lift out hot." },
      stemsBetween: {
        name: "Stems between",
        claim: "Layers of stem keep soft leaves from matting.",
      },
      loosened: {
        name: "Loosened in mid-run",
        claim: "Heat off, opened cool, turned over: what matted lets go of its oil.",
      },
    },
    defaultIs: "Pressed down by hand",
    reason: "The book's packing is of plant pressed down by hand.",
  },
  waterKind: {
    field: "waterKind",
    usual: "tap",
    counts: false,
    question: "Which water?",
    schools: {
      tap: { name: "Tap", claim: "It is there. Hard water leaves scale in the pot." },
      rain: { name: "Rain", claim: "Soft, and leaves no scale. Filter it." },
      spring: { name: "Spring or well", claim: "The water of the place." },
      distilled: { name: "Distilled", claim: "Nothing in it but the plant." },
    },
    defaultIs: "Tap",
    reason: "What boils over is clean of salts whichever it is. Its chlorine goes at the boil.",
  },
  soaking: {
    field: "soaking",
    usual: "none",
    counts: false,
    ofThePlant: true,
    question: "Soaked before?",
    schools: {
      none: { name: "Not soaked", claim: "What soaks ferments or loses oil to the water." },
      hour: { name: "An hour or two", claim: "Dry plant swells and lets its oil go sooner." },
      night: { name: "Overnight", claim: "Roots, woods and seeds open." },
      days: { name: "For days", claim: "Some woods ripen in water before they are distilled." },
    },
    defaultIs: "Not soaked",
    reason: "Sereno keeps it with the run, so that your own runs can show.",
  },
} as const satisfies Record<string, ChoiceRow>;

type Choices = typeof planChoices;
export type ChoiceId = keyof Choices;
export const choiceIds = keysOf(planChoices);
/** The answers to a question. */
type AnswerOf<Id extends ChoiceId> = keyof Choices[Id]["schools"] & string;
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
