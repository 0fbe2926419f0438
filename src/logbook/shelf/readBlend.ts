import { readNumber, type NumberInput, type NumberRange } from "@/core/units/numberInput";
import { takeable } from "./takeable";

/** Something a part of a blend can be poured from: a bottle, or what of a lot is in none. */
export interface BlendSource {
  key: string;
  bottleId?: string;
  lotId: string;
  leftMl: number;
}

/** A blend as it stands in its form. */
interface BlendTyped {
  name: string;
  parts: readonly { key: string; amount: NumberInput }[];
}

/** What is wrong with one part: none is chosen, too little is left there, or its number is told in words. */
export type PartFault =
  | { why: "noSource" }
  | { why: "tooMuch"; leftMl: number }
  | { why: "number"; problem: string };

/** What keeps a blend from being poured, the first thing first. */
export type BlendFault = "noName" | "twice" | "part";

interface BlendRead {
  name: string;
  /** For each part of the form. */
  faults: readonly (PartFault | undefined)[];
  fault?: BlendFault;
  /** What is poured, mL. */
  pours: readonly { bottleId?: string; lotId: string; amountMl: number }[];
}

/* A blend is of two at least: a further part that says nothing is none. */
const leastParts = 2;

/** Reads a blend out of its form. @param range what the amount of a part may be */
export function readBlend(
  { name, parts }: BlendTyped,
  sources: readonly BlendSource[],
  range: NumberRange,
): BlendRead {
  const read = parts.map(({ key, amount }, i) =>
    i >= leastParts && key === "" && amount.text.trim() === ""
      ? {}
      : readPart(
          sources.find((each) => each.key === key),
          amount,
          range,
        ),
  );
  const keys = parts.map(({ key }) => key).filter(Boolean);
  const faults = read.map(({ fault }) => fault);
  const fault =
    name.trim() === ""
      ? "noName"
      : new Set(keys).size < keys.length
        ? "twice"
        : faults.some(Boolean)
          ? "part"
          : undefined;
  return {
    name: name.trim(),
    faults,
    ...(fault ? { fault } : {}),
    pours: read.flatMap(({ pour }) => pour ?? []),
  };
}

function readPart(
  source: BlendSource | undefined,
  amount: NumberInput,
  range: NumberRange,
): { fault?: PartFault; pour?: BlendRead["pours"][number] } {
  if (!source) return { fault: { why: "noSource" } };
  const ml = readNumber(amount, range);
  if (!ml.ok) return { fault: { why: "number", problem: ml.problem } };
  const amountMl = takeable(ml.value, source.leftMl);
  if (amountMl === undefined) return { fault: { why: "tooMuch", leftMl: source.leftMl } };
  const { bottleId, lotId } = source;
  return { pour: { ...(bottleId ? { bottleId } : {}), lotId, amountMl } };
}
