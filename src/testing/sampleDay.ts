import { newRecord } from "@/records/base";
import type { DayRecord } from "@/records/day";

/** Two charges of lavender on one still, laid out from seven on 14 July 2026. */
export function sampleDay(part: Partial<DayRecord> = {}): DayRecord {
  const takes = { loadMin: 15, heatMin: 30, runMin: 60, closeMin: 20, watts: 2000, iceKg: 0 };
  const charge = (n: number) => ({
    id: `heap-a-${n}`,
    heapId: "heap-a",
    massG: 600,
    readyMin: 0,
    on: { "still-a": takes },
  });
  const placed = (n: number, loadMin: number) => ({
    id: `heap-a-${n}`,
    still: "still-a",
    loadMin,
    litMin: loadMin + 15,
    firstDropMin: loadMin + 45,
    offMin: loadMin + 105,
    closeMin: loadMin + 105,
    doneMin: loadMin + 125,
  });
  return {
    ...newRecord("day", new Date("2026-07-14T05:00:00Z")),
    id: "day-a",
    on: "2026-07-14",
    from: "07:00",
    until: "21:00",
    hands: 1,
    stillIds: ["still-a"],
    heaps: [{ id: "heap-a", plantId: "lavender", state: "fresh", massG: 1200 }],
    charges: [charge(1), charge(2)],
    placed: [placed(1, 0), placed(2, 125)],
    ...part,
  };
}
