import { useEffect, useState } from "react";
import type { Goes } from "@/exchange/labels/labelBlocks";
import type { LaidOut } from "@/exchange/labels/layoutLabel";

/** What some of the labels have no room for, all together. */
export interface LeftOut {
  parts: Goes[];
  shortened: boolean;
}

/** Everything has found its room. */
export const nothingLeftOut: LeftOut = { parts: [], shortened: false };

/* Half a frame of work, then the page may draw. */
const sliceMs = 8;

/**
 * What all the labels leave out, found a few at a time: a letter typed into the name is answered by the
 * one label that is drawn, the others follow.
 * @param layouts each label's layout, to be asked for one by one
 */
export function useLeftOut(layouts: readonly (() => LaidOut)[]): LeftOut {
  const [found, setFound] = useState(nothingLeftOut);
  useEffect(() => {
    let at = 0;
    let timer: ReturnType<typeof setTimeout>;
    const parts = new Set<Goes>();
    let shortened = false;
    const slice = () => {
      const until = performance.now() + sliceMs;
      while (at < layouts.length && performance.now() < until) {
        const laid = layouts[at]!();
        for (const part of laid.leftOut) parts.add(part);
        shortened ||= laid.shortened;
        at += 1;
      }
      if (at < layouts.length) timer = setTimeout(slice, 0);
      else setFound({ parts: [...parts], shortened });
    };
    timer = setTimeout(slice, 0);
    return () => clearTimeout(timer);
  }, [layouts]);
  return found;
}
