import { isoDay } from "@/core/units/dates";
import { useEffect, useRef } from "react";
import { useAppSelector, usePlantBook, useUnits } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { useDuties } from "@/store/stock";
import { useNow } from "@/ui/useNow";
import { dutyWords } from "@/words/dutyWords";

/* Often enough for what is due to the minute. */
const lookMs = 30000;

/**
 * Tells what comes due through the device's own notices, where the person has asked for them and the
 * browser lets it; once each, and only what came due while the app was open. Draws nothing.
 */
export function DueNotices() {
  const { dueNotices } = useAppSelector(selectPreferences);
  return dueNotices ? <Notices /> : null;
}

function Notices() {
  const now = useNow(lookMs);
  const book = usePlantBook();
  const units = useUnits();
  const duties = useDuties(now);
  const since = useRef(now);
  useEffect(() => {
    const fresh = duties.filter(({ at }) => at.getTime() > since.current && at.getTime() <= now);
    since.current = now;
    for (const due of fresh) {
      const { title, detail } = dutyWords(due, book, units);
      void tell(title, detail, `${due.key}/${isoDay(due.at)}`);
    }
  }, [duties, now, book, units]);
  return null;
}

async function tell(title: string, body: string, tag: string): Promise<void> {
  if (typeof Notification === "undefined" || Notification.permission !== "granted") return;
  const worker = await navigator.serviceWorker?.getRegistration().catch(() => undefined);
  /* Phones show none but through the app's own worker. */
  if (worker) await worker.showNotification(title, { body, tag });
  else new Notification(title, { body, tag });
}
