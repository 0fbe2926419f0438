import { usePathname } from "expo-router";
import { useEffect } from "react";
import { cockpitIsDark } from "@/logbook/run/cockpitLight";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { useNow } from "@/ui/useNow";
import { isCockpit } from "./isCockpit";

/** Puts the chosen theme on the page; follows the system where that is the choice, and dusk in the cockpit. */
export function useTheme(): void {
  const preferences = useAppSelector(selectPreferences);
  const cockpit = isCockpit(usePathname());
  const now = useNow(60000);
  const { theme } = preferences;
  const dark = cockpit ? cockpitIsDark(preferences, new Date(now)) : undefined;
  useEffect(() => {
    const system = window.matchMedia?.("(prefers-color-scheme: dark)");
    const apply = () => {
      const night = dark ?? (theme === "night" || (theme === "system" && system?.matches === true));
      document.documentElement.classList.toggle("dark", night);
    };
    apply();
    system?.addEventListener("change", apply);
    return () => system?.removeEventListener("change", apply);
  }, [theme, dark]);
}
