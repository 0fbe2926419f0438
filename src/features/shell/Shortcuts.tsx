import { useRouter, type Href } from "expo-router";
import { useEffect, useState } from "react";
import { View } from "react-native";
import { t } from "@/language/t";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";

const places: Record<string, { href: Href; what: string }> = {
  t: { href: "/", what: t`Today` },
  p: { href: "/plan", what: t`Plan` },
  r: { href: "/runs", what: t`Runs` },
  s: { href: "/shelf", what: t`Shelf` },
  b: { href: "/bench", what: t`Bench` },
};
/* What a screen offers itself: its buttons carry their key. Heat off has none: it is tapped on purpose. */
const onScreen: Record<string, string> = {
  "/": t`Find`,
  e: t`Reading, at the still`,
  n: t`Note, at the still`,
  l: t`Log, at the still`,
};

/** Keys for a wide screen with a keyboard; “?” tells them. They rest while anything is typed or open. */
export function Shortcuts() {
  const router = useRouter();
  const [shown, setShown] = useState(false);
  const letters = useAppSelector(selectPreferences).letterKeys !== false;
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "k") {
        event.preventDefault();
        return router.push("/find");
      }
      if (!letters) return;
      if (event.ctrlKey || event.metaKey || event.altKey || isBusy(event.target)) return;
      const place = Object.hasOwn(places, event.key) ? places[event.key] : undefined;
      if (event.key === "?") setShown(true);
      else if (place) router.push(place.href);
      else if (!pressOnScreen(event.key)) return;
      event.preventDefault();
    };
    document.addEventListener("keydown", press);
    return () => document.removeEventListener("keydown", press);
  }, [router, letters]);
  if (!shown) return null;
  const lines = [
    ...Object.entries(places).map(([key, { what }]) => [key, what]),
    ...Object.entries(onScreen),
    [t`Ctrl K`, t`Find anything`],
    ["?", t`These keys`],
  ];
  return (
    <Sheet title={t`Keys`} open onClose={() => setShown(false)}>
      <View className="gap-1">
        {lines.map(([key, what]) => (
          <View key={key} className="flex-row items-center gap-4">
            <Txt variant="strong" className="w-16 text-center">
              {key}
            </Txt>
            <Txt>{what}</Txt>
          </View>
        ))}
      </View>
    </Sheet>
  );
}

function isBusy(target: EventTarget | null): boolean {
  if (document.querySelector('[role="dialog"]')) return true;
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))
  );
}

function pressOnScreen(key: string): boolean {
  if (!Object.hasOwn(onScreen, key)) return false;
  const found = document.querySelector<HTMLElement>(`[data-key="${key}"]`);
  if (found instanceof HTMLInputElement) found.focus();
  else found?.click();
  return found !== null;
}
