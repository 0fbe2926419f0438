import { useRouter } from "expo-router";
import { lazy, Suspense, useEffect, useState } from "react";
import { useAppSelector } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { isField } from "@/ui/isField";
import { onScreen, places } from "./shortcutKeys";

/* Few ever ask for it, and a sheet is a large part of the page. */
const KeysSheet = lazy(() => import("./KeysSheet"));

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
  return (
    <Suspense>
      <KeysSheet onClose={() => setShown(false)} />
    </Suspense>
  );
}

function isBusy(target: EventTarget | null): boolean {
  return document.querySelector('[role="dialog"]') !== null || isField(target);
}

function pressOnScreen(key: string): boolean {
  if (!Object.hasOwn(onScreen, key)) return false;
  const found = document.querySelector<HTMLElement>(`[data-key="${key}"]`);
  if (found instanceof HTMLInputElement) found.focus();
  else found?.click();
  return found !== null;
}
