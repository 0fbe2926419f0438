import { versionOf } from "@/records/base";

export const minute = 60000;
export const dayMs = 86400e3;

/** Midnight so many days ago, where the device is. */
export function startOf(now: Date, daysAgo: number): Date {
  const day = new Date(now.getTime() - daysAgo * dayMs);
  day.setHours(0, 0, 0, 0);
  return day;
}

/** What every record of the demonstration begins with. */
export function stamp<K extends string>(kind: K, id: string, at: Date) {
  return { kind, id: `demo-${id}`, version: versionOf(kind), ...times(at) };
}

/** Made and changed at one moment. */
export function times(at: Date) {
  return { createdAt: at.toISOString(), updatedAt: at.toISOString() };
}

export const tenth = (value: number) => Math.round(value * 10) / 10;
export const five = (value: number) => Math.round(value / 5) * 5;
