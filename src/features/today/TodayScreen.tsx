import { format } from "date-fns/format";
import { useRouter } from "expo-router";
import { useMemo } from "react";
import { View } from "react-native";
import { showDuration, showMass, showOil, showVolume, words } from "@/core";
import { harvestLeftG } from "@/records/harvestLeft";
import { liveRun } from "@/records/liveRun";
import { runNow } from "@/records/runClock";
import { summarise, type RunSummary } from "@/records/runSummary";
import { bestByWords, shelved, unbottledMl } from "@/records/shelf";
import { switchLogbook } from "@/storage/logbookChoice";
import { settlingTime } from "@/records/settlingTime";
import { whatNow } from "@/records/whatNow";
import { keep, keepUndoable } from "@/store/changes";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import {
  selectBottles,
  selectHarvests,
  selectLots,
  selectPreferences,
  selectRuns,
  selectStills,
  selectUses,
} from "@/store/selectors";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Row } from "@/ui/primitives/Row";
import { Txt } from "@/ui/primitives/Txt";
import { useNow } from "@/ui/useNow";

/** What needs the person now: what runs, what settles, what is due, and where to begin. */
export function TodayScreen() {
  const plantBook = usePlantBook();
  const router = useRouter();
  const runs = useAppSelector(selectRuns);
  const stills = useAppSelector(selectStills);
  const summaries = useMemo(() => runs.map((run) => summarise(run, plantBook)), [runs, plantBook]);
  const running = summaries.filter(
    ({ state }) => state.litAt !== undefined && state.heatOffAt === undefined,
  );
  const settling = summaries.filter(({ state }) => state.phase === "settling");
  const ready = summaries.filter(({ state }) => state.phase === "ready");
  const calm = running.length + settling.length + ready.length === 0;
  const now = useNow(10000);

  if (runs.length === 0) return <FirstDay hasStill={stills.length > 0} />;
  return (
    <Screen
      title="Today"
      over={format(now, "EEEE, d MMMM")}
      footer={<Button label="Plan a run" onPress={() => router.push("/plan")} />}
      aside={<Due now={now} />}
    >
      {calm ? (
        <Card wash="leaf" className="gap-1">
          <Txt variant="heading">Nothing on the heat</Txt>
          <Txt>No still is running and nothing waits to be separated.</Txt>
        </Card>
      ) : null}
      {running.map((summary) => (
        <Running key={summary.run.id} summary={summary} now={now} />
      ))}
      {settling.map((summary) => (
        <SettlingRow key={summary.run.id} summary={summary} now={now} />
      ))}
      {ready.map(({ run, plantName }) => (
        <Row
          key={run.id}
          href={`/runs/${run.id}/ready`}
          title={`Run ${run.number} is planned`}
          detail={`${plantName}, charge ${run.plan.charge} of ${run.plan.charges} · ${run.stillName}`}
        />
      ))}
      <Harvests />
    </Screen>
  );
}

function Running({ summary, now }: { summary: RunSummary; now: number }) {
  const { run, state, plantName } = summary;
  const still = useAppSelector((root) => root.still.entities[run.stillId]);
  const [said] = whatNow(liveRun(run, state, runNow(run, now), { still }));
  const urgent = said !== undefined && said.level !== "later";
  const router = useRouter();
  return (
    <Card wash={urgent ? "ember" : "dew"} className="gap-1">
      <Txt variant="label" className="text-ink">{`Run ${run.number} · ${run.stillName}`}</Txt>
      <Txt variant="heading">{plantName}</Txt>
      {said ? (
        <Txt
          variant="strong"
          role={urgent ? "alert" : undefined}
          className={urgent ? "text-ember-ink" : ""}
        >
          {said.say}
        </Txt>
      ) : null}
      {said ? (
        <Txt variant="small" className="text-ink">
          {said.because}
        </Txt>
      ) : null}
      <View className="mt-2">
        <Button
          label="To the still"
          hint={`To the still of run ${run.number}`}
          onPress={() => router.push(`/runs/${run.id}/watch`)}
        />
      </View>
    </Card>
  );
}

function SettlingRow({ summary, now }: { summary: RunSummary; now: number }) {
  const { site } = useAppSelector(selectPreferences);
  const { run, state, plantName } = summary;
  const { minutes, share } = settlingTime(
    run.plan.forecast.oilDensityGPerMl,
    site.airC,
    run.plan.schools?.settling,
  );
  const left = minutes - (runNow(run, now) - (state.heatOffAt ?? now)) / 60000;
  const line = !Number.isFinite(minutes)
    ? "as heavy as the water: it hardly parts"
    : `${Math.round(share * 100)} % of the oil has parted${left > 0 ? ` in ${showDuration(left)}` : ": separate and measure"}`;
  return (
    <Row
      href={`/runs/${run.id}/separate`}
      title={`${plantName} is settling`}
      detail={`Run ${run.number} · ${line}`}
      end={
        Number.isFinite(minutes) ? (
          <Txt variant="strong">{left > 0 ? showDuration(left) : "now"}</Txt>
        ) : undefined
      }
    />
  );
}

function Harvests() {
  const plantBook = usePlantBook();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const preferences = useAppSelector(selectPreferences);
  const harvests = useAppSelector(selectHarvests);
  const runs = useAppSelector(selectRuns);
  const open = harvests
    .map((harvest) => ({ harvest, left: harvestLeftG(harvest, runs) }))
    .filter(({ left }) => left > 0);
  return open.map(({ harvest, left }) => {
    const plant = plantBook.byId(harvest.plantId);
    const amount = words(showMass(left, preferences.units));
    function next() {
      dispatch(
        keep({
          ...preferences,
          planDraft: {
            ...preferences.planDraft,
            harvestId: harvest.id,
            plantId: harvest.plantId,
            state: harvest.state,
            massBy: "scale",
            massText: String(Math.round(left)),
            massUnit: "g",
            waterText: "",
            chargesText: "",
          },
        }),
      );
      router.push("/plan");
    }
    return (
      <Card key={harvest.id} wash="leaf" className="gap-2">
        <Txt variant="strong">{`${amount} of ${plant?.name ?? harvest.plantId} waits`}</Txt>
        <Txt
          variant="small"
          className="text-ink"
        >{`Harvest of ${format(new Date(`${harvest.cutOn}T12:00:00`), "d MMMM")}, ${harvest.state}. ${harvest.state === "dried" ? "" : "Distil it before it heats up in the heap."}`}</Txt>
        <View className="flex-row flex-wrap gap-2">
          <Button size="small" label="Next charge" onPress={next} />
          <Button
            size="small"
            look="quiet"
            label="Nothing more of it"
            onPress={() =>
              dispatch(
                keepUndoable(`${amount} set aside.`, [
                  { ...harvest, setAsideG: (harvest.setAsideG ?? 0) + left },
                ]),
              )
            }
          />
        </View>
      </Card>
    );
  });
}

function Due({ now }: { now: number }) {
  const plantBook = usePlantBook();
  const { units } = useAppSelector(selectPreferences);
  const bottles = useAppSelector(selectBottles);
  const lots = useAppSelector(selectLots);
  const uses = useAppSelector(selectUses);
  const due = shelved(bottles, lots, uses, new Date(now), plantBook).filter((item) => item.due);
  const open = lots.filter(
    (lot) => unbottledMl(lot, bottles) > 0.05 && !bottles.some(({ lotId }) => lotId === lot.id),
  );
  const amount = (product: string, volumeMl: number) =>
    words(product === "oil" ? showOil(volumeMl) : showVolume(volumeMl, units));
  if (due.length + open.length === 0) return null;
  return (
    <View className="gap-2">
      <Txt variant="heading">On the shelf</Txt>
      {open.map((lot) => (
        <Row
          key={lot.id}
          href={`/shelf/${lot.id}`}
          title={`Bottle the ${plantBook.byId(lot.plantId)?.name.toLowerCase() ?? ""} ${lot.firstCut ? "first cut" : lot.product}`}
          detail={`${lot.code} · ${amount(lot.product, lot.volumeMl)}`}
        />
      ))}
      {due.map((item) => (
        <Row
          key={item.bottle.id}
          href={`/shelf/${item.lot.id}`}
          title={`${item.plantName} ${item.lot.product}`}
          detail={`${item.bottle.code} · ${amount(item.lot.product, item.leftMl)} left`}
          end={
            <Txt variant="strong" className="text-ember-ink">
              {bestByWords(item)}
            </Txt>
          }
        />
      ))}
    </View>
  );
}

function FirstDay({ hasStill }: { hasStill: boolean }) {
  const router = useRouter();
  return (
    <Screen
      title="Sereno"
      over="From the cut plant to the bottle"
      footer={
        <Button
          label={hasStill ? "Plan the first run" : "Begin with your still"}
          onPress={() => router.push(hasStill ? "/plan" : "/bench")}
        />
      }
    >
      <Card className="gap-3">
        <Step
          number="1"
          title="Your still"
          text="Its pot, basket and heat: from them follow charge, water and times. Two ready-made ones are on the Bench."
          done={hasStill}
        />
        <Step
          number="2"
          title="Your plant"
          text="Put it on the scale. The plan says how many charges, how much water, what will come, and what to mind."
        />
        <Step
          number="3"
          title="The run"
          text="One clock, the next cue, big buttons. Every tap is kept at once, also if the phone sleeps or the tab dies."
        />
        <Step
          number="4"
          title="The bottle"
          text="Measure, see the yield on every basis, and put it on the shelf with a code and a date."
        />
      </Card>
      <Card wash="leaf" className="gap-2">
        <Txt variant="strong">Look around first?</Txt>
        <Txt>
          A made-up season at Vesper Croft: thirty runs on two stills, with what went wrong left in.
          It stays apart from your own logbook.
        </Txt>
        <View className="flex-row">
          <Button
            look="quiet"
            size="small"
            label="Open the demonstration"
            onPress={() => switchLogbook("sereno-demo")}
          />
        </View>
      </Card>
      <Txt variant="small">
        Hot steam, flame and pressure can hurt: never a closed still, never alone, never dry. Owning
        a still and selling what it makes are regulated in many places. Sereno informs; local codes
        and licensed practice come first.
      </Txt>
    </Screen>
  );
}

function Step({
  number,
  title,
  text,
  done,
}: {
  number: string;
  title: string;
  text: string;
  done?: boolean;
}) {
  return (
    <View className="flex-row gap-4">
      <Txt variant="number" className={`w-6 ${done ? "text-leaf-ink" : "text-oil-ink"}`}>
        {number}
      </Txt>
      <View className="min-w-0 flex-1">
        <Txt variant="strong">{done ? `${title}: done` : title}</Txt>
        <Txt variant="small">{text}</Txt>
      </View>
    </View>
  );
}
