import { useEffect, useRef, useState, type RefObject } from "react";
import { flushSync } from "react-dom";

/**
 * The first of many things, and more as their end comes near: a shelf of thousands is there at once. On paper all of
 * them are.
 * @param step how many at a time
 */
export function useMore<T>(
  all: readonly T[],
  step: number,
): { shown: readonly T[]; end: RefObject<HTMLElement | null>; more: boolean } {
  const [count, setCount] = useState(step);
  const [of, setOf] = useState(all);
  if (of !== all) {
    setOf(all);
    setCount((before) => Math.max(step, Math.min(before, all.length)));
  }
  const end = useRef<HTMLElement>(null);
  const more = count < all.length;
  useEffect(() => {
    const seen = end.current;
    if (!more || !seen || typeof IntersectionObserver === "undefined") return;
    const observer = new IntersectionObserver(
      (entries) => {
        if (entries.some(({ isIntersecting }) => isIntersecting)) setCount((now) => now + step);
      },
      /* The margin counts for the list that scrolls, not for the window. */
      { root: scrollingAround(seen), rootMargin: "800px" },
    );
    observer.observe(seen);
    return () => observer.disconnect();
  }, [more, count, step]);
  useEffect(() => {
    if (!more) return;
    const showAll = () => flushSync(() => setCount(Infinity));
    window.addEventListener("beforeprint", showAll);
    return () => window.removeEventListener("beforeprint", showAll);
  }, [more]);
  /* Where nothing tells what is seen all of it is there. */
  return {
    shown: typeof IntersectionObserver === "undefined" ? all : all.slice(0, count),
    end,
    more,
  };
}

/* What scrolls an element; the window itself where nothing does. */
function scrollingAround(element: HTMLElement): HTMLElement | null {
  let around = element.parentElement;
  while (around && !/auto|scroll/.test(getComputedStyle(around).overflowY))
    around = around.parentElement;
  return around;
}
