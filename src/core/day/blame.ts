import type { Day, DayPlan } from "./day";
import { planDay } from "./planDay";

/** What a day cannot be met for. */
export type DayLimit =
  | { limit: "watts"; chargeId: string; watts: number }
  | { limit: "hands" }
  | { limit: "ice"; needsKg: number; thereKg: number }
  | { limit: "mains"; endMin: number }
  | { limit: "daylight"; endMin: number };

/** What is wrong with a day before anything is laid out: a limit that no order can get round. */
export function impossible(day: Day): DayLimit | undefined {
  for (const { id, on } of day.charges) {
    const watts = Math.min(...Object.values(on).map((takes) => takes.watts));
    if (watts > day.mainsW) return { limit: "watts", chargeId: id, watts };
  }
  const handwork = day.charges.some(({ on }) =>
    Object.values(on).every(({ loadMin, closeMin }) => loadMin > 0 || closeMin > 0),
  );
  if (day.hands < 1 && handwork) return { limit: "hands" };
  const needsKg = day.charges.reduce(
    (sum, { on }) => sum + Math.min(...Object.values(on).map(({ iceKg }) => iceKg)),
    0,
  );
  const thereKg = day.ice.kg + (day.ice.kgPerHour * day.lengthMin) / 60;
  return needsKg > thereKg + 1e-9 ? { limit: "ice", needsKg, thereKg } : undefined;
}

/** Which limit keeps a day from being closed in time: the one without which it would be. */
export function blameFor(day: Day, plan: DayPlan, tries: number): DayLimit | undefined {
  if (plan.endMin <= day.lengthMin + 1e-6) return undefined;
  const without = (part: Partial<Day>) => {
    const eased = planDay({ ...day, ...part }, { tries });
    return eased !== undefined && eased.endMin <= day.lengthMin + 1e-6;
  };
  const needsKg = day.charges.reduce(
    (sum, { on }) => sum + Math.min(...Object.values(on).map(({ iceKg }) => iceKg)),
    0,
  );
  if (without({ ice: { kg: needsKg + 1e6, kgPerHour: 0 } }))
    return {
      limit: "ice",
      needsKg,
      thereKg: day.ice.kg + (day.ice.kgPerHour * day.lengthMin) / 60,
    };
  if (without({ mainsW: Infinity })) return { limit: "mains", endMin: plan.endMin };
  if (without({ hands: day.charges.length * 2 })) return { limit: "hands" };
  return { limit: "daylight", endMin: plan.endMin };
}
