import { useEffect, useRef } from "react";
import { onDropped, takeDropped, type placeFor } from "./dropped";

/** Hands a screen each file that is dropped on the window for it, one that was dropped before it stood too. */
export function useDropped(
  place: ReturnType<typeof placeFor>,
  take: (file: File) => void,
  ready = true,
): void {
  const latest = useRef(take);
  useEffect(() => {
    latest.current = take;
  });
  useEffect(() => {
    if (!ready) return;
    const look = () => {
      const file = takeDropped(place);
      if (file) latest.current(file);
    };
    look();
    return onDropped(look);
  }, [place, ready]);
}
