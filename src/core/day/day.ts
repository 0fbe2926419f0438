/** What one charge takes on one still. */
export interface Takes {
  /** Minutes to load, to heat to the first drop, to run, and to cool, empty and rinse. */
  loadMin: number;
  heatMin: number;
  runMin: number;
  closeMin: number;
  /** Drawn from the mains while it heats and runs, W. */
  watts: number;
  /** Taken from the stock when it is lit, kg. */
  iceKg: number;
}

export interface DayCharge {
  id: string;
  /** Not loaded before, and late when done after; minutes from the day's beginning. */
  readyMin: number;
  dueMin: number;
  /** What it loses by an hour of waiting to be lit, in one unit for the whole day (mL of oil); absent: nothing known. */
  lostPerHour?: number | undefined;
  /** The stills that may take it, by id, one at least. */
  on: Readonly<Record<string, Takes>>;
}

/** More charges than this are not one day any more. */
export const mostDayCharges = 40;

/** A day of several charges and what limits it. */
export interface Day {
  /** Minutes from its beginning until the last still has to be closed. */
  lengthMin: number;
  /** Pairs of hands. */
  hands: number;
  /** What may be on at once, W. */
  mainsW: number;
  /** Ice in stock at the beginning, kg, and what the freezer makes anew. */
  ice: { kg: number; kgPerHour: number };
  stills: readonly string[];
  charges: readonly DayCharge[];
  /** Charges that keep their place: lit already, or held by the person. */
  fixed?: readonly PlacedCharge[];
}

/** When each step of a charge begins, minutes from the day's beginning. */
export interface PlacedCharge {
  id: string;
  still: string;
  loadMin: number;
  litMin: number;
  firstDropMin: number;
  offMin: number;
  closeMin: number;
  doneMin: number;
}

export interface DayPlan {
  charges: PlacedCharge[];
  /** When the last still is closed. */
  endMin: number;
  /** How late all charges are together. */
  lateMin: number;
  /** How long hot plant waits for hands, all charges together. */
  waitMin: number;
  /** What is lost by plant that waits to be lit, all charges together, in the unit of `lostPerHour`. */
  lost: number;
}
