import { randomInt, randomLcg } from "d3-random";
import type { Day, DayCharge } from "@/core/day/day";

const slot = 5;

/** A day by chance; all its times are whole slots of five minutes. */
export function randomDay(seed: number, charges: number, stills: number): Day {
  const random = randomLcg(seed / 1000);
  const whole = (from: number, to: number) => randomInt.source(random)(from, to + 1)();
  const names = Array.from({ length: stills }, (_, i) => `still ${i}`);
  return {
    lengthMin: 5000,
    hands: whole(1, 2),
    mainsW: 2000 * whole(1, stills),
    ice: { kg: whole(6, 20), kgPerHour: 3 },
    stills: names,
    charges: Array.from({ length: charges }, (_, i): DayCharge => {
      const able = names.filter(() => random() < 0.8);
      return {
        id: `c${i}`,
        readyMin: slot * whole(0, 20),
        dueMin: random() < 0.5 ? slot * whole(40, 160) : Infinity,
        on: Object.fromEntries(
          (able.length > 0 ? able : [names[0]!]).map((name) => [
            name,
            {
              loadMin: slot * whole(1, 4),
              heatMin: slot * whole(2, 8),
              runMin: slot * whole(6, 20),
              closeMin: slot * whole(1, 5),
              watts: 500 * whole(0, 4),
              iceKg: whole(0, 4),
            },
          ]),
        ),
      };
    }),
  };
}
