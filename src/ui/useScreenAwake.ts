import { useKeepAwake } from "expo-keep-awake";
import { useEffect, useId, useState } from "react";

/**
 * Keeps the screen lit while the caller is shown. A browser lets go of it whenever the page is out of
 * sight: it is asked for anew with each look back.
 */
export function useScreenAwake(): void {
  const [looks, setLooks] = useState(0);
  useEffect(() => {
    const look = () => {
      if (document.visibilityState === "visible") setLooks((before) => before + 1);
    };
    document.addEventListener("visibilitychange", look);
    return () => document.removeEventListener("visibilitychange", look);
  }, []);
  /* Left before the device had answered, there is nothing to let go of. */
  useKeepAwake(`${useId()}-${looks}`, { suppressDeactivateWarnings: true });
}
