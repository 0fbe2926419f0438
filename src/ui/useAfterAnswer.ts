import { startTransition, useCallback, useTransition } from "react";

/**
 * Work that a tap asks for and that may take a while to draw. The tap is answered first: `pending`
 * is true from the tap on, and the work starts only when that is on the screen.
 */
export function useAfterAnswer(): [pending: boolean, start: (work: () => void) => void] {
  const [pending, begin] = useTransition();
  const start = useCallback(
    (work: () => void) =>
      begin(async () => {
        await painted();
        startTransition(work);
      }),
    [],
  );
  return [pending, start];
}

/* A page that is hidden just now paints no frame, and goes on all the same. */
const longestMs = 200;

/** Resolves once the next frame has been painted. */
function painted(): Promise<void> {
  return new Promise((resolve) => {
    setTimeout(resolve, longestMs);
    requestAnimationFrame(() => setTimeout(resolve));
  });
}
