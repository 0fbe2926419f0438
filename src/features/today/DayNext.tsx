import { momentsOf } from "@/core/day/acts";
import { isoDay, showTime } from "@/core/units/dates";
import { dayNow } from "@/logbook/day/dayNow";
import { beginningOf } from "@/logbook/day/dayTimes";
import { useAppSelector, usePlantBook } from "@/store/hooks";
import { selectDays, selectRuns, selectStills } from "@/store/selectors";
import { Row } from "@/ui/primitives/Row";
import { dayActWords } from "@/words/dayLayoutWords";

/** Of a day that is laid out for today: what is to be done next, and the way to it. */
export function DayNext({ now }: { now: number }) {
  const days = useAppSelector(selectDays);
  const runs = useAppSelector(selectRuns);
  const stills = useAppSelector(selectStills);
  const book = usePlantBook();
  return days
    .filter(({ on }) => on === isoDay(now))
    .map((day) => {
      const beginning = beginningOf(day);
      const { charges } = dayNow(day, runs, now);
      const next = momentsOf(charges.map(({ went }) => went)).find(
        ({ atMin, act }) => act !== "done" && beginning + atMin * 60_000 >= now - 60_000,
      );
      const heapId = day.charges.find(({ id }) => id === next?.charge.id)?.heapId;
      const plantId = day.heaps.find(({ id }) => id === heapId)?.plantId;
      const still = stills.find(({ id }) => id === next?.charge.still)?.name ?? "a still";
      return (
        <Row
          key={day.id}
          href={`/plan/day/${day.id}`}
          title={
            next
              ? `Next: ${showTime(beginning + next.atMin * 60_000)} ${dayActWords[next.act].toLowerCase()}`
              : "Today’s day at the stills"
          }
          detail={
            next
              ? `${book.byId(plantId ?? "")?.name ?? "Plant"} · ${still}`
              : "Its last still is clear."
          }
        />
      );
    });
}
