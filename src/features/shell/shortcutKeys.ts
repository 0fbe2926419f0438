import type { Href } from "expo-router";
import { t } from "@/language/t";

/** Keys that lead to a place. */
export const places: Record<string, { href: Href; what: string }> = {
  t: { href: "/", what: t`Today` },
  p: { href: "/plan", what: t`Plan` },
  r: { href: "/runs", what: t`Runs` },
  s: { href: "/shelf", what: t`Shelf` },
  b: { href: "/bench", what: t`Bench` },
};

/** What a screen offers itself: its buttons carry their key. Heat off has none: it is tapped on purpose. */
export const onScreen: Record<string, string> = {
  "/": t`Find`,
  e: t`Reading, at the still`,
  n: t`Note, at the still`,
  l: t`Log, at the still`,
};
