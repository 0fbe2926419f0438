import { usePathname } from "expo-router";
import { useLayoutEffect, type RefObject } from "react";
import type { ScrollView } from "react-native";

/* Where each screen was scrolled to, for as long as the tab is open. */
const places = new Map<string, number>();

/** A list stands where it was left when one comes back to it. */
export function useScrollKept(list: RefObject<ScrollView | null>): void {
  const path = usePathname();
  useLayoutEffect(() => {
    const element = list.current?.getScrollableNode?.() as HTMLElement | undefined;
    if (!element?.addEventListener) return;
    const place = places.get(path) ?? 0;
    const stop = stayAt(element, place);
    const note = () => places.set(path, element.scrollTop);
    element.addEventListener("scroll", note, { passive: true });
    return () => {
      stop();
      element.removeEventListener("scroll", note);
    };
  }, [path, list]);
}

/* A long list is drawn in parts: until the place is there, it is gone to with each part. A hand on the list ends it. */
function stayAt(element: HTMLElement, place: number): () => void {
  element.scrollTop = place;
  const content = element.firstElementChild;
  if (!content || element.scrollTop >= place - 1 || typeof ResizeObserver === "undefined")
    return () => undefined;
  const observer = new ResizeObserver(() => {
    element.scrollTop = place;
    if (element.scrollTop >= place - 1) stop();
  });
  const hands = ["wheel", "touchstart", "pointerdown", "keydown"] as const;
  const stop = () => {
    observer.disconnect();
    for (const hand of hands) element.removeEventListener(hand, stop);
  };
  observer.observe(content);
  for (const hand of hands) element.addEventListener(hand, stop, { passive: true });
  return stop;
}
