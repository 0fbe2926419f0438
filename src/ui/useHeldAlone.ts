import { useEffect, useState } from "react";

/**
 * Holds a name among all tabs of this browser for as long as the component is there; waits for it while another tab has it.
 * Where a browser has no locks it is held at once.
 * @returns true: held; false: another tab has it; undefined: not known yet
 */
export function useHeldAlone(name: string): boolean | undefined {
  const locks = typeof navigator === "undefined" ? undefined : navigator.locks;
  const [held, setHeld] = useState<boolean | undefined>(locks ? undefined : true);
  useEffect(() => {
    if (!locks) return;
    const left = new AbortController();
    const hold = () =>
      new Promise<void>((release) => {
        setHeld(true);
        left.signal.addEventListener("abort", () => release());
      });
    const wait = async () => {
      const free = await locks.request(name, { ifAvailable: true }, async (lock) => {
        if (lock && !left.signal.aborted) await hold();
        return lock !== null;
      });
      if (free || left.signal.aborted) return;
      setHeld(false);
      await locks.request(name, { signal: left.signal }, hold);
    };
    /* Left while it waited: nobody asks any more. */
    wait().catch(() => undefined);
    return () => left.abort();
  }, [locks, name]);
  return held;
}
