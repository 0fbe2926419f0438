/**
 * The limits that keep a person and an oil from harm, once, for plan, cues, alarms, gauges and words.
 * Rules of the craft as handed down among home distillers; where no source gives a figure it is a
 * judgement, and says so.
 */
export const safety = {
  /** Distillate warmer than this at the outlet loses oil to the air, °C. Rule of the craft. */
  warmOutletC: 40,
  /** From here on vapour itself may leave the outlet, °C: a judgement, below the first wisps near 65. */
  hotOutletC: 60,
  /** Cooling water that leaves a jacket so hot has no more to give, °C: vapour is close behind. */
  hotCoolingC: 60,
  /** The dry line is told of so long before it is reached, min: time to boil a kettle for topping up. */
  dryLineNoticeMinutes: 10,
  /** Nearer than this nothing helps but heat off, min: a judgement, the time a pot goes on boiling. */
  dryLineDangerMinutes: 3,
  /** A flask of boiling plant is at most so full, share of what it holds. Rule of the craft. */
  flaskFillShare: 1 / 2,
  /** A pot is at most so full, share of what it holds. Rule of the craft. */
  potFillShare: 2 / 3,
  /** Where plant froths, so much of that, share: a judgement. */
  frothShare: 0.8,
  /** Free height above a charge over steam, mm, in a small still and from `largeStillMl` up. Rule of the craft. */
  headspaceMm: { small: 25, large: 75 },
  largeStillMl: 20000,
  /** Water stays so far below a basket's grid, mm, or it spatters into the plant. Rule of the craft. */
  belowBasketMm: 20,
  /** And so far below a bowl's floor, mm: a judgement. */
  belowBowlMm: 10,
} as const;
