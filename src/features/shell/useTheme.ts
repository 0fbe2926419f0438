import { useEffect } from "react";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";

/** Puts the chosen theme on the page; follows the system where that is the choice. */
export function useTheme(): void {
  const theme = useAppSelector((state) => selectPreferences(state).theme);
  useEffect(() => {
    const system = window.matchMedia?.("(prefers-color-scheme: dark)");
    const apply = () => {
      const night = theme === "night" || (theme === "system" && system?.matches === true);
      document.documentElement.classList.toggle("dark", night);
    };
    apply();
    system?.addEventListener("change", apply);
    return () => system?.removeEventListener("change", apply);
  }, [theme]);
}
