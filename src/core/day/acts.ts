import type { PlacedCharge } from "./day";

/** What hands do in a day, and what they look for. */
export const dayActs = ["load", "lit", "firstDrop", "off", "close", "done"] as const;
export type DayAct = (typeof dayActs)[number];

/** One moment of a day: which charge, what is done then. */
export interface DayMoment {
  atMin: number;
  act: DayAct;
  charge: PlacedCharge;
}

const fieldOf = {
  load: "loadMin",
  lit: "litMin",
  firstDrop: "firstDropMin",
  off: "offMin",
  close: "closeMin",
  done: "doneMin",
} as const satisfies Record<DayAct, keyof PlacedCharge>;

/** All moments of a day in the order in which they come; of what falls together, what ends before what begins. */
export function momentsOf(charges: readonly PlacedCharge[]): DayMoment[] {
  return charges
    .flatMap((charge) =>
      dayActs.map((act): DayMoment => ({ atMin: charge[fieldOf[act]], act, charge })),
    )
    .sort((a, b) => a.atMin - b.atMin || dayActs.indexOf(b.act) - dayActs.indexOf(a.act));
}
