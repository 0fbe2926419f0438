import { useEffect, useRef } from "react";
import { focusHeading, focusIsLost } from "./focusHeading";

/* A cockpit that draws what a tap has changed is done by then, also on a slow phone. */
const waitMs = 1500;

/**
 * Never leaves the focus nowhere: on another screen it goes to that screen's name, and where a button
 * goes with the tap on it, as “It boils” does, to the name of the screen it was on.
 */
export function useFocusKept(path: string): void {
  const first = useRef(true);
  useEffect(() => {
    if (first.current) {
      first.current = false;
      return;
    }
    return whileWaiting(() => focusHeading());
  }, [path]);
  useEffect(() => {
    let stop: () => void = () => undefined;
    let last: Element | null = null;
    const focused = ({ target }: FocusEvent) => {
      last = target as Element | null;
    };
    const watch = (event: Event) => {
      if (event instanceof KeyboardEvent && event.key !== "Enter" && event.key !== " ") return;
      stop();
      stop = whileWaiting(() => {
        /* A tap beside everything has no focus either, but nothing has gone with it. */
        if (focusIsLost() && last !== null && !last.isConnected) focusHeading();
        return false;
      });
    };
    document.addEventListener("focusin", focused);
    /* On the way down: a button that was tapped lets nothing come up. */
    document.addEventListener("click", watch, true);
    document.addEventListener("keydown", watch, true);
    return () => {
      stop();
      document.removeEventListener("focusin", focused);
      document.removeEventListener("click", watch, true);
      document.removeEventListener("keydown", watch, true);
    };
  }, []);
}

/** Tries with each frame until it is done, or nobody waits for it any more. */
function whileWaiting(done: () => boolean): () => void {
  const until = performance.now() + waitMs;
  let frame = requestAnimationFrame(function look() {
    if (!done() && performance.now() < until) frame = requestAnimationFrame(look);
  });
  return () => cancelAnimationFrame(frame);
}
