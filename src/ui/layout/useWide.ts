import { useWindowDimensions } from "react-native";

/** From here on there is a rail and two columns. */
const wideFrom = 900;

/** Whether the screen is wide enough for the rail and two columns. */
export function useWide(): boolean {
  return useWindowDimensions().width >= wideFrom;
}
