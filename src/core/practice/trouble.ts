import type { Fault } from "./faults";
import type { StillTruth } from "./virtualStill";

/** Judgements of how each trouble grows, made to look like what the alarms are for. Shares of steam or cooling, minutes, mbar, K. */
export const grows = {
  /** Of the vapour a condenser without water still condenses so much by air. */
  airCooled: 0.25,
  /** An air lock halves the flow of water: the coil is so much warmer. */
  airLockK: 26,
  /** Still water stands in layers: round the coil it is so much warmer. */
  layersK: 16,
  /** A leak takes more than half of the steam. */
  leakShare: 0.55,
  channelShare: 0.5,
  heatHigh: 1.6,
  /** A condenser takes so much of what its still gives at its plan's heat; what comes beyond leaves it so much warmer. */
  condenserRoom: 1.3,
  warmerKPerMl: 2.5,
  blocksIn: 9,
  opensIn: 4,
  setsIn: 15,
  frothsIn: 3,
  frothBlocksIn: 8,
  frothShare: 0.7,
  scorchesIn: 12,
  reliefShare: 0.45,
  lineShare: 0.35,
  /** A free way needs this pressure; what is narrowed by half four times as much. */
  freeMbar: 0.2,
  /** From here on a lid leaks at its seal, and pressure goes on rising by so much a minute at planned heat. */
  lidMbar: 30,
  risesMbar: 10,
  fallsShare: 0.6,
  /** Oil that the air takes from a warm outlet: none at 40 °C, so much at 100. */
  airTakes: 0.5,
  warmFromC: 40,
  /** Of what runs over so much is oil, while any floats there. */
  oilInSpill: 0.5,
} as const;

type Growing = Pick<StillTruth, "stopped" | "scorched" | "froth" | "overMbar">;

/**
 * How far the way out is stopped, the plant scorched and the froth risen: each grows while its cause stands, and falls
 * back.
 * @param share steam as a share of the planned, 0 or more
 */
export function growTrouble(
  truth: Growing,
  minutes: number,
  share: number,
  faults: ReadonlySet<Fault>,
): void {
  if (share <= 0) {
    truth.froth = Math.max(0, truth.froth - minutes / 0.5);
    return;
  }
  const frothing = faults.has("froth") && share > grows.frothShare;
  truth.froth = clamped(truth.froth + (frothing ? minutes / grows.frothsIn : -minutes));
  const closing =
    (faults.has("blocked") ? 1 / grows.blocksIn : 0) +
    (faults.has("sets") ? 1 / grows.setsIn : 0) +
    (truth.froth >= 1 ? 1 / grows.frothBlocksIn : 0);
  const opening = closing === 0 && truth.froth < 0.5 ? 1 / grows.opensIn : 0;
  truth.stopped = clamped(truth.stopped + minutes * (closing - opening));
  if (faults.has("scorch")) truth.scorched = clamped(truth.scorched + minutes / grows.scorchesIn);
}

/** Share of the steam that goes to the condenser, where the way is free. */
export function passing(faults: ReadonlySet<Fault>): number {
  return (
    (faults.has("leak") ? 1 - grows.leakShare : 1) *
    (faults.has("reliefLifts") ? 1 - grows.reliefShare : 1) *
    (faults.has("lineWater") ? 1 - grows.lineShare : 1)
  );
}

/** Sets the pressure, and tells which share of the steam a lid lets out that leaks under it. */
export function ventedUnder(truth: Growing, minutes: number, share: number): number {
  const free = Math.max(1 - truth.stopped, 0.01);
  const wanted = (grows.freeMbar * share) / free ** 2;
  if (share <= 0 || wanted <= truth.overMbar)
    truth.overMbar = Math.max(
      wanted,
      truth.overMbar * (1 - Math.min(1, grows.fallsShare * minutes)),
    );
  else if (wanted <= grows.lidMbar) truth.overMbar = wanted;
  else truth.overMbar = Math.max(truth.overMbar, grows.lidMbar) + grows.risesMbar * minutes * share;
  return wanted <= grows.lidMbar ? 0 : 1 - Math.sqrt(grows.lidMbar / wanted);
}

function clamped(share: number): number {
  return Math.min(1, Math.max(0, share));
}
