import { useWindowDimensions } from "react-native";

/** From here on there is a rail and two columns. */
const wideFrom = 900;

/** Whether the screen is wide enough for the rail and two columns. */
export function useWide(): boolean {
  return useWindowDimensions().width >= wideFrom;
}

/* Lower than this the cockpit does not fit: a phone on its side, or a page at 400 %. */
const shortBelow = 560;

/** Whether the screen is too low for the cockpit's whole face. */
export function useShort(): boolean {
  return useWindowDimensions().height < shortBelow;
}
