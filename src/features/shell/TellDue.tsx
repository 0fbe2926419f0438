import { useEffect, useRef } from "react";
import { isoDay } from "@/core/units/dates";
import { useUnits } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { useDuties } from "@/store/stock";
import { useNow } from "@/ui/useNow";
import { dutyWords } from "@/words/dutyWords";

/* Often enough for what is due to the minute. */
const lookMs = 30000;

/** Tells what comes due, once each, and only what came due while the app was open. Draws nothing. */
export default function TellDue() {
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
