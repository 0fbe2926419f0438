import { usePathname } from "expo-router";
import { useAppSelector } from "@/store/hooks";
import { selectLitRuns } from "@/store/runsOnTheHeat";

/** The runs on the heat but the one whose cockpit is open: that knows more of its still, and sounds for itself. */
export function useLitElsewhere() {
  const path = usePathname();
  return useAppSelector(selectLitRuns).filter(({ run }) => path !== `/runs/${run.id}/watch`);
}
