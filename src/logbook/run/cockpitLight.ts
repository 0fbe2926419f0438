import { getPosition } from "suncalc";
import type { Setting } from "@/records/setting";

/* Without a place there is no sunset to compute: dark from eight to six stands for it. */
const darkFrom = 20;
const darkUntil = 6;
/* The sun has set when its upper rim, as the air lifts it, is under the horizon, degrees. */
const sunsetAltitude = -0.267;

/** Whether the cockpit is to be dark: by choice, or after sunset; undefined: as the rest of the app. */
export function cockpitIsDark(
  { cockpitLight, theme, place }: Pick<Setting, "cockpitLight" | "theme" | "place">,
  moment: Date,
): boolean | undefined {
  if (cockpitLight === "night") return true;
  if (cockpitLight === "day") return false;
  if (theme !== "system") return undefined;
  const hour = moment.getHours();
  const dark = place
    ? getPosition(moment, place.latitude, place.longitude).altitude < sunsetAltitude
    : hour >= darkFrom || hour < darkUntil;
  return dark ? true : undefined;
}
