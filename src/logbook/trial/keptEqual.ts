import type { Trial, TrialChange } from "@/records/trial";

/** In what the two sides of a trial can differ. */
export const differenceKinds = [
  "plant",
  "state",
  "preparation",
  "still",
  "method",
  "charge",
  "water",
  "heat",
  "minutes",
] as const;
export type Difference = (typeof differenceKinds)[number];

/* What is changed, and what goes with it: that is no second change. */
const goesWith: Record<TrialChange, readonly Difference[]> = {
  state: ["state"],
  preparation: ["preparation"],
  method: ["method", "water", "heat"],
  still: ["still", "heat"],
  water: ["water"],
  heat: ["heat", "minutes"],
  stop: ["minutes"],
  /* What is only written down of a charge is nothing that its figures could tell. */
  loading: [],
  waterKind: [],
  soaking: [],
  copper: [],
  other: [],
};

/** What has to stay equal between the two sides of a trial. */
export function keptEqual({ changes }: Pick<Trial, "changes">): Difference[] {
  /* A trial from before the change was asked: its states may be just what is tried. */
  const free = new Set(changes ? goesWith[changes] : [...goesWith.state, ...goesWith.preparation]);
  return differenceKinds.filter((kind) => !free.has(kind));
}

/** What a trial changes, where it can be read from its charges. */
export function changedIn({ changes }: Pick<Trial, "changes">): Difference | undefined {
  return changes && goesWith[changes][0];
}
