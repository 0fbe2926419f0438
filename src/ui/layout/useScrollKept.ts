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
    element.scrollTop = places.get(path) ?? 0;
    const note = () => places.set(path, element.scrollTop);
    element.addEventListener("scroll", note, { passive: true });
    return () => element.removeEventListener("scroll", note);
  }, [path, list]);
}
