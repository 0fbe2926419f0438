import type { PlacedCharge } from "./day";

/** What hands do in a day, and what they look for. */
const dayActs = ["load", "lit", "firstDrop", "off", "close", "done"] as const;
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

/* Of what falls together what ends comes before what begins, and each charge's own steps in their order. */
const together = ["off", "close", "done", "load", "lit", "firstDrop"] as const;

/** All moments of a day in the order in which they come. */
export function momentsOf(charges: readonly PlacedCharge[]): DayMoment[] {
  return charges
    .flatMap((charge) =>
      dayActs.map((act): DayMoment => ({ atMin: charge[fieldOf[act]], act, charge })),
    )
    .sort((a, b) => a.atMin - b.atMin || together.indexOf(a.act) - together.indexOf(b.act));
}
