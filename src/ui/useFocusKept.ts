import { useEffect, useRef } from "react";
import { focusHeading, focusIsLost } from "./focusHeading";

/**
 * Never leaves the focus nowhere: on another screen it goes to that screen's name, however long that is on its way, and
 * where something goes with the focus on it, as “It boils” does, to the name of the screen it was on.
 */
export function useFocusKept(path: string): void {
  const first = useRef(true);
  useEffect(() => {
    if (first.current) {
      first.current = false;
      return;
    }
    const from = document.activeElement;
    /* Who has gone on by hand meanwhile is not called back. */
    const wentOn = () => document.activeElement !== from && !focusIsLost();
    return eachFrame(() => wentOn() || focusHeading());
  }, [path]);
  useEffect(() => {
    let last: Element | null = null;
    let stop: () => void = () => undefined;
    const focused = ({ target }: FocusEvent) => {
      last = target as Element | null;
    };
    /* A tap beside everything has no focus either, but nothing has gone with it. */
    const isGone = () => focusIsLost() && last !== null && !last.isConnected;
    /* A sheet that closes puts the focus back itself: that is done by the next frame. */
    const changed = new MutationObserver(() => {
      stop();
      if (isGone()) stop = eachFrame(() => !isGone() || focusHeading());
    });
    document.addEventListener("focusin", focused);
    changed.observe(document.body, { childList: true, subtree: true });
    return () => {
      stop();
      changed.disconnect();
      document.removeEventListener("focusin", focused);
    };
  }, []);
}

/** Tries with each frame until it is done, or nobody waits for it any more. */
function eachFrame(done: () => boolean): () => void {
  let frame = requestAnimationFrame(function look() {
    if (!done()) frame = requestAnimationFrame(look);
  });
  return () => cancelAnimationFrame(frame);
}
