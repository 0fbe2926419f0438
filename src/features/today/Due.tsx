import type { UnitSystem } from "@/core/units/units";
import { isoDay, showDay } from "@/core/units/dates";
import { addDays } from "date-fns/addDays";
import type { Href } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import { download } from "@/exchange/download";
import { t } from "@/language/t";
import type { PlantBook } from "@/logbook/plant/plantBook";
import { cautionsOfLot } from "@/logbook/shelf/cautionsOfLot";
import { isDue, type DutyDue } from "@/logbook/shelf/duties";
import { tellDuty } from "@/store/acts/tellDuty";
import { changePreferences } from "@/store/changes";
import { useAppDispatch, useAppSelector, useUnits } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectPreferences } from "@/store/selectors";
import { selectTraceable, useDuties } from "@/store/stock";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Check } from "@/ui/primitives/Check";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";
import { productCautionWords } from "@/words/productCautionWords";
import { dutyWords } from "@/words/dutyWords";

/* Kinds that have a line of their own on Today already. */
const shownElsewhere = new Set<DutyDue["kind"]>(["settled"]);
const atFirst = 5;
const putOffDays = 7;

/** What the shelf asks for: each done, put off, or sent to a calendar with all that comes. */
export function Due({ now }: { now: number }) {
  const duties = useDuties(now);
  const [all, setAll] = useState(false);
  const book = usePlantBook();
  const units = useUnits();
  const today = new Date(now);
  const due = duties.filter((each) => isDue(each, today) && !shownElsewhere.has(each.kind));
  const next = duties.find((each) => !isDue(each, today));
  if (duties.length === 0) return null;
  return (
    <View className="gap-2">
      <View className="flex-row items-center justify-between gap-3">
        <Txt variant="heading">{t`Due`}</Txt>
        <Button
          look="quiet"
          size="small"
          label={t`To a calendar`}
          hint={t`Save all that is due, now and later, as a calendar file`}
          onPress={() => void saveCalendar(duties, book, units)}
        />
      </View>
      {due.length === 0 ? (
        <Card>
          <Txt>{t`Nothing on the shelf is due today.`}</Txt>
        </Card>
      ) : null}
      {(all ? due : due.slice(0, atFirst)).map((each) => (
        <DueRow key={each.key} due={each} now={now} />
      ))}
      {!all && due.length > atFirst ? (
        <Button
          look="quiet"
          size="small"
          label={t`${due.length - atFirst} more`}
          hint={t`${due.length - atFirst} more that are due`}
          onPress={() => setAll(true)}
        />
      ) : null}
      <NoticesChoice />
      {next ? (
        <Txt variant="small">{t`Next: ${dutyWords(next, book, units).title}, ${showDay(next.at)}.`}</Txt>
      ) : null}
    </View>
  );
}

/** The device's own notices of what comes due, where the browser has them; asked for here and nowhere else. */
function NoticesChoice() {
  const dispatch = useAppDispatch();
  const { dueNotices } = useAppSelector(selectPreferences);
  const [refused, setRefused] = useState(false);
  if (typeof Notification === "undefined") return null;
  const ask = async () => {
    const answer = await Notification.requestPermission().catch(() => "denied" as const);
    setRefused(answer !== "granted");
    if (answer === "granted") dispatch(changePreferences({ dueNotices: true }));
  };
  return (
    <View className="gap-1">
      <Check
        label={t`Notify me on this device when something is due`}
        reason={t`While the app is open, in front or behind.`}
        checked={dueNotices === true}
        onChange={(on) =>
          on ? void ask() : dispatch(changePreferences({ dueNotices: undefined }))
        }
      />
      {refused ? (
        <Txt variant="small">{t`The browser does not let it: allow notices for this address in its settings, or use a calendar.`}</Txt>
      ) : null}
    </View>
  );
}

/* The calendar's writer is loaded when it is asked for. */
async function saveCalendar(
  duties: readonly DutyDue[],
  book: PlantBook,
  units: UnitSystem,
): Promise<void> {
  const { calendarFile } = await import("@/exchange/calendarFile");
  await download(
    `sereno-due-${isoDay(new Date())}.ics`,
    calendarFile(duties, book, units),
    "text/calendar",
  );
}

function DueRow({ due, now }: { due: DutyDue; now: number }) {
  const dispatch = useAppDispatch();
  const book = usePlantBook();
  const shelf = useAppSelector(selectTraceable);
  const { title, detail } = dutyWords(due, book, useUnits());
  const grave = "lot" in due.of ? cautionsOfLot(due.of.lot, shelf, book).grave : [];
  const warned = grave.map((caution) => productCautionWords[caution].small).join(", ");
  const say = (label: string, told: Parameters<typeof tellDuty>[1]) =>
    dispatch(tellDuty(due.key, told, label));
  return (
    <Card className="gap-1 px-0 py-1">
      <Row
        href={hrefOf(due)}
        title={title}
        detail={detail}
        {...(warned ? { more: `${warned.charAt(0).toUpperCase()}${warned.slice(1)}.` } : {})}
      />
      <View className="flex-row gap-2 px-3 pb-1">
        {/* What is bottled, drawn or used up goes by itself. */}
        {due.kind === "bottle" ? null : (
          <Button
            look="plain"
            size="small"
            leaves
            label={t`Done`}
            hint={t`${title}: done`}
            onPress={() => say(t`${title}: done.`, { doneAt: new Date().toISOString() })}
          />
        )}
        <Button
          look="plain"
          size="small"
          leaves
          label={t`In a week`}
          hint={t`${title}: in a week`}
          onPress={() =>
            say(t`${title}: in a week.`, {
              putOffUntil: addDays(new Date(now), putOffDays).toISOString(),
            })
          }
        />
      </View>
    </Card>
  );
}

/** Where it is done. */
function hrefOf({ kind, of }: DutyDue): Href {
  if ("lot" in of) return `/shelf/${of.lot.id}`;
  const { id } = of.run;
  if (kind === "ice") return `/runs/${id}/ready`;
  return kind === "settled" ? `/runs/${id}/separate` : `/runs/${id}`;
}
