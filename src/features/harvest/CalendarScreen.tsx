import { showAltitude, words } from "@/core/units/format";
import { Link } from "expo-router";
import { useMemo } from "react";
import { Pressable, View } from "react-native";
import { dayOfYear, hasSeasons } from "@/core/calendar/harvestWindows";
import { t } from "@/language/t";
import { gardenOf, plantCalendar, type PlantInYear } from "@/logbook/harvest/plantCalendar";
import { summarise } from "@/logbook/run/runSummary";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectHarvests, selectPreferences, selectRuns } from "@/store/selectors";
import { YearStrip } from "@/ui/charts/YearStrip";
import { Screen } from "@/ui/layout/Screen";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { useKept } from "@/ui/useKept";
import { useNow } from "@/ui/useNow";
import { cautionWords } from "@/words/cautionWords";
import { ownSeasonWords, seasonWords } from "@/words/calendarWords";

type Which = "own" | "near" | "all";
const whichOptions: { value: Which; label: string }[] = [
  { value: "own", label: t`Yours` },
  { value: "near", label: t`Now and soon` },
  { value: "all", label: t`All` },
];
const soonDays = 45;
const monthLetters = ["J", "F", "M", "A", "M", "J", "J", "A", "S", "O", "N", "D"];

/** The year of the plants: when each is usually cut here, and when one cut it oneself. */
export function CalendarScreen() {
  const book = usePlantBook();
  const preferences = useAppSelector(selectPreferences);
  const harvests = useAppSelector(selectHarvests);
  const runs = useAppSelector(selectRuns);
  const now = useNow(3600000);
  const garden = useMemo(() => gardenOf(preferences), [preferences]);
  const { units } = preferences;
  const { latitude, altitudeM } = garden;
  const calendar = useMemo(
    () =>
      plantCalendar(
        book,
        harvests,
        runs.map((run) => summarise(run, book)),
        garden,
        new Date(now),
      ),
    [book, harvests, runs, garden, now],
  );
  const [which, setWhich] = useKept<Which>(
    "calendar/which",
    calendar.some(({ own }) => own.length > 0) ? "own" : "near",
  );
  const shown = calendar.filter(
    ({ own, inDays }) =>
      which === "all" ||
      (which === "own" ? own.length > 0 : inDays !== undefined && inDays <= soonDays),
  );
  return (
    <Screen
      title={t`The plants’ year`}
      back={{ href: "/harvests", label: t`Harvests` }}
      aside={
        <>
          <Card className="gap-2">
            <Txt variant="heading">{t`For where you are`}</Txt>
            <Txt>
              {latitude === undefined
                ? t`Calculated for 45° north, ${words(showAltitude(altitudeM, units))} up.`
                : latitude < 0
                  ? t`Calculated for ${Math.abs(Math.round(latitude))}° south, ${words(showAltitude(altitudeM, units))} up.`
                  : t`Calculated for ${Math.abs(Math.round(latitude))}° north, ${words(showAltitude(altitudeM, units))} up.`}
            </Txt>
            <Txt variant="small">
              {units === "metric"
                ? t`Each degree towards the pole makes it four days later, each thirty metres up one day. In autumn it is half of that. A year may be two weeks early or late. Look at the plant: it tells you when.`
                : t`Each degree towards the pole makes it four days later, each hundred feet up one day. In autumn it is half of that. A year may be two weeks early or late. Look at the plant: it tells you when.`}
            </Txt>
            <Link href="/bench" asChild>
              <Pressable className="min-h-[48px] justify-center">
                <Txt className="underline">{t`Altitude and place are set on the Bench`}</Txt>
              </Pressable>
            </Link>
            {hasSeasons(garden) ? null : (
              <Notice
                severity="note"
                message={t`Between the tropics the year is dry and wet. What grows there is shown in the usual dry months of your side of the equator; the rain where you are decides.`}
              />
            )}
          </Card>
          <Card className="gap-2">
            <Txt variant="heading">{t`Where you pick`}</Txt>
            <Txt>{t`Be certain of the plant and of what looks like it. Leave more standing than you take, nothing that is protected, and nothing that was sprayed or stands by a road. Gloves where it pricks or burns. What a place allows is for its owner and the local rules to say.`}</Txt>
          </Card>
        </>
      }
    >
      <Choice label={t`Which plants`} options={whichOptions} value={which} onChange={setWhich} />
      <View className="flex-row px-4" aria-hidden>
        {monthLetters.map((letter, i) => (
          <Txt key={i} variant="label" className="flex-1 text-center">
            {letter}
          </Txt>
        ))}
      </View>
      {shown.length === 0 ? (
        <Card>
          <Txt>
            {which === "own"
              ? t`Your harvests are shown next to their usual time.`
              : t`Nothing in this book is near its time within ${soonDays} days.`}
          </Txt>
        </Card>
      ) : null}
      {shown.map((each) => (
        <PlantRow key={each.plant.id} each={each} today={dayOfYear(new Date(now))} />
      ))}
    </Screen>
  );
}

function PlantRow({ each, today }: { each: PlantInYear; today: number }) {
  const { plant, window, own } = each;
  const said = seasonWords(each);
  const mine = ownSeasonWords(each);
  return (
    <Card className="gap-1">
      <Link href={`/bench/plants/${plant.id}`} asChild>
        <Pressable className="min-h-[44px] justify-center">
          <Txt variant="strong">{`${plant.name}, ${plant.part}`}</Txt>
          <Txt variant="small" className="text-ink">
            {said}
          </Txt>
        </Pressable>
      </Link>
      <YearStrip
        {...(window ? { window } : {})}
        days={own.map(({ day }) => day)}
        today={today}
        inWords={`${plant.name}: ${said}.${mine ? ` ${mine}` : ""}`}
      />
      {plant.cautions.includes("lookAlike") ? (
        <Txt variant="small" className="text-ember-ink">
          {cautionWords.lookAlike}
        </Txt>
      ) : null}
      <Txt variant="small">{mine ? `${plant.moment} ${mine}` : plant.moment}</Txt>
    </Card>
  );
}
