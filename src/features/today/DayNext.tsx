import { isoDay, showTime } from "@/core/units/dates";
import { t } from "@/language/t";
import { comingOfDay } from "@/logbook/day/comingOfDay";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectDays, selectRuns, selectStills } from "@/store/selectors";
import { Row } from "@/ui/primitives/Row";
import { dayActInList } from "@/words/dayLayoutWords";

/** Of a day that is laid out for today: what is to be done next, and the way to it. */
export function DayNext({ now }: { now: number }) {
  const days = useAppSelector(selectDays);
  const runs = useAppSelector(selectRuns);
  const stills = useAppSelector(selectStills);
  const book = usePlantBook();
  return days
    .filter(({ on }) => on === isoDay(now))
    .map((day) => {
      const next = comingOfDay(day, runs, now)[0];
      const still = stills.find(({ id }) => id === next?.charge.still)?.name ?? t`a still`;
      return (
        <Row
          key={day.id}
          href={`/plan/day/${day.id}`}
          title={
            next
              ? t`Next: ${showTime(next.at)} ${dayActInList[next.act]}`
              : t`Today’s day at the stills`
          }
          detail={
            next
              ? `${book.byId(next.plantId ?? "")?.name ?? t`Plant`} · ${still}`
              : t`Its last still is clear.`
          }
        />
      );
    });
}
