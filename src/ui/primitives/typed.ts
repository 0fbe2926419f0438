import { useEffect, useRef, useState } from "react";

/* So long after the last key a person has paused, ms. */
const pauseMs = 120;

/* What has been typed and not yet been handed on, in all fields. */
const waiting = new Set<() => void>();

/** Hands on at once whatever still waits for a pause. */
export function handTyped(): void {
  for (const hand of [...waiting]) hand();
}
if (typeof window !== "undefined") window.addEventListener("pagehide", handTyped);

/**
 * What is typed stands there with the key; whoever reckons with it hears of it after a pause, or when the field is
 * left. For fields behind which a whole screen is worked out anew.
 */
export function useTyped<T>(
  value: T,
  onChange: (next: T) => void,
): { shown: T; type: (next: T) => void } {
  const [own, setOwn] = useState<{ value: T }>();
  const last = useRef<{ timer: ReturnType<typeof setTimeout>; hand: () => void }>(undefined);
  const listener = useRef(onChange);
  useEffect(() => {
    listener.current = onChange;
  });
  useEffect(() => () => last.current?.hand(), []);
  return {
    shown: own ? own.value : value,
    type(next) {
      setOwn({ value: next });
      if (last.current) {
        clearTimeout(last.current.timer);
        waiting.delete(last.current.hand);
      }
      const hand = () => {
        clearTimeout(last.current?.timer);
        last.current = undefined;
        waiting.delete(hand);
        setOwn(undefined);
        listener.current(next);
      };
      waiting.add(hand);
      last.current = { timer: setTimeout(hand, pauseMs), hand };
    },
  };
}
