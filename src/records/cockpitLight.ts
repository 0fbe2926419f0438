import type { Setting } from "./setting";

/* Without a place told there is no sunset to compute: dark from eight to six stands for it. */
const darkFrom = 20;
const darkUntil = 6;

/** Whether the cockpit is to be dark: by choice, or after dark; undefined: as the rest of the app. */
export function cockpitIsDark({ cockpitLight, theme }: Setting, hour: number): boolean | undefined {
  if (cockpitLight === "night") return true;
  if (cockpitLight === "day") return false;
  return theme === "system" && (hour >= darkFrom || hour < darkUntil) ? true : undefined;
}
