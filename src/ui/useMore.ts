import { useEffect, useRef, useState, type RefObject } from "react";

/**
 * The first of many things, and more as their end comes near: a shelf of thousands is there at once.
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
      { rootMargin: "800px" },
    );
    observer.observe(seen);
    return () => observer.disconnect();
  }, [more, count, step]);
  /* Where nothing tells what is seen all of it is there. */
  return {
    shown: typeof IntersectionObserver === "undefined" ? all : all.slice(0, count),
    end,
    more,
  };
}
