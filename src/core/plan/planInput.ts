import type { Condenser } from "../cooling/condenser";
import type { StopRule } from "../forecast/stopRules";
import type { Plant, PlantState } from "../plant/plant";
import type { Receiver } from "../separation/receivers";
import type { Method } from "../still/methods";
import type { StillFigures } from "../still/stillFigures";
import type { Pace } from "../forecast/pace";

/** Where the still stands. */
interface Site {
  altitudeM: number;
  airC: number;
  waterC: number;
  coolingInC: number;
}

/** How much water goes with plant that swims: by its mass, until it is covered, up to the pot's mark. */
type WaterRule = "ratio" | "cover" | "mark";

/** How a still was filled by the person's own word, where that is more than the book's. */
export interface OwnFill {
  /** What a litre of the holder took, g/L as prepared. */
  packingGPerL?: number;
  /** How full the body was of plant in water, share. */
  fillShare?: number;
}

/** What a person has and wants of it. */
export interface PlanInput {
  still: StillFigures;
  plant: Plant;
  state: PlantState;
  /** All the plant there is, g. */
  massG: number;
  method: Method;
  stop: StopRule;
  /**
   * Stop also when ten more minutes bring less than this share of the charge's middle oil, where the
   * stop names no amount: a fixed one would never light a still for petals.
   */
  worthShare?: number;
  /** Hydrosol worth keeping, L per kg as charged; absent where it flows back. */
  keepPerKg?: number;
  /** Go on until that hydrosol is in, and from there only as long as the oil is worth the heat. */
  keepFirst?: boolean;
  site: Site;
  /** The person's own number of charges; as many as the still needs where absent. */
  charges?: number;
  /** The person's own water for a charge, mL; enough with reserve where absent. */
  waterMl?: number;
  /** One of the plant's preparations; the advised one where absent. */
  preparation?: string;
  /** Brisk where absent: the heat stays as it is. */
  pace?: Pace;
  /** Distillate after the first drop, mL/min, of one's own; as the pace says where absent. */
  rateMlPerMin?: number;
  /** By ratio where absent. Counts only where the plant swims. */
  waterRule?: WaterRule;
  condenser?: Condenser;
  /** The receiver in use, and the others at hand. */
  receiver?: Receiver;
  otherReceivers?: readonly Receiver[];
  /** Months a dried plant has lain. */
  agedMonths?: number;
  /** How this person packs and fills this still with this plant, learnt from runs that were done so. */
  ownFill?: OwnFill;
  /** The rate at which this still's outlet grew warm though its cooling was in order, mL/min. */
  warmedAtMlPerMin?: number | undefined;
  /** Oil contents that own finished runs of this plant and state point to, mL/kg. */
  ownRuns?: readonly number[];
}
