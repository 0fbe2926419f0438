import { useLocalSearchParams, useRouter } from "expo-router";
import { View } from "react-native";
import { noonOf, showDayLong } from "@/core/units/dates";
import { showMass, words } from "@/core/units/format";
import { t } from "@/language/t";
import { harvestLeftG } from "@/logbook/harvest/harvestLeft";
import { harvestDraft } from "@/logbook/harvest/harvestDraft";
import { harvestNow, type HarvestNow } from "@/logbook/harvest/harvestNow";
import { type Harvest } from "@/records/harvest";
import type { Run } from "@/records/run";
import type { UnitSystem } from "@/core/units/units";
import { beginPlan } from "@/store/beginPlan";
import { bin, changeRecord } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectPreferences, selectRuns } from "@/store/selectors";
import { NotHere } from "@/ui/layout/NotHere";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { figuresOf } from "@/words/figureWords";
import { wordsOf } from "@/words/glossary";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Notice } from "@/ui/primitives/Notice";
import { Row } from "@/ui/primitives/Row";
import { useAttachments } from "@/exchange/useAttachments";
import { AttachmentsCard } from "@/ui/attachments/AttachmentsCard";
import { wiltingWords } from "@/words/harvestWords";
import { inState } from "@/words/stateWords";
import { AsItGrew } from "./AsItGrew";
import { AsItLies } from "./AsItLies";
import { DryAHandful } from "./DryAHandful";
import { OilByGround } from "./OilByGround";
import { PickedOver } from "./PickedOver";
import { WeighAgain } from "./WeighAgain";
import { WherePicked } from "./WherePicked";
import { WiltingCard } from "./WiltingCard";

/** A harvest as it was cut and as it lies: weighed again, its water follows, and the plan takes it so. */
export function HarvestScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const harvest = useAppSelector((state) => state.harvest.entities[id ?? ""]);
  if (!harvest || harvest.deletedAt)
    return <NotHere what={t`This harvest`} back={{ href: "/harvests", label: t`Harvests` }} />;
  return <OneHarvest key={harvest.id} harvest={harvest} />;
}

function OneHarvest({ harvest }: { harvest: Harvest }) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const book = usePlantBook();
  const { units } = useAppSelector(selectPreferences);
  const runs = useAppSelector(selectRuns);
  const plant = book.byId(harvest.plantId);
  const name = plant?.name ?? harvest.plantId;
  const lies = harvestNow(harvest, runs, book);
  const attachments = useAttachments(harvest.id);
  const own = runs.filter(({ harvestId }) => harvestId === harvest.id);
  const leftG = harvestLeftG(harvest, runs);
  const here = leftG > 0 || own.length === 0;
  const mass = (g: number) => words(showMass(g, units));
  return (
    <Screen
      title={name}
      pageTitle={t`Harvest of ${name}`}
      over={t`Harvest of ${showDayLong(noonOf(harvest.cutOn))}`}
      back={{ href: "/harvests", label: t`Harvests` }}
      words={
        <WordsHere
          all="/bench/words"
          guide="/bench/guide?about=Harvests"
          figures={figuresOf(["waterInPlant", "leftOfHarvest", "yieldOf"])}
          words={wordsOf(["moisture", "wilted", "dryMatter"])}
        />
      }
      footer={
        leftG > 0 ? (
          <Button
            label={t`Plan ${mass(leftG)} of it`}
            onPress={() => {
              dispatch(beginPlan(harvestDraft(harvest, leftG, runs, book)));
              router.push("/plan");
            }}
          />
        ) : undefined
      }
      aside={
        <>
          <AttachmentsCard name={name} {...attachments} />
          <OilByGround
            harvest={harvest}
            runs={runs}
            firstMoisture={lies.firstMoisture}
            units={units}
          />
          <RunsOfIt runs={own} units={units} />
          {plant?.hazards.map((hazard) => (
            <Notice key={hazard} severity="note" message={hazard} />
          ))}
          <WherePicked plant={plant} />
          <View className="flex-row">
            <Button
              look="quiet"
              size="small"
              label={t`Delete harvest`}
              onPress={() => {
                dispatch(bin(t`Harvest deleted.`, [harvest]));
                router.replace("/");
              }}
            />
          </View>
        </>
      }
    >
      <HarvestWarnings harvest={harvest} lies={lies} here={here} units={units} />
      <AsItLies harvest={harvest} lies={lies} leftG={leftG} here={here} />
      {here ? <WeighAgain harvest={harvest} /> : null}
      <DryAHandful harvest={harvest} />
      <WiltingCard
        harvest={harvest}
        lies={lies}
        plant={plant}
        units={units}
        here={here}
        onStrike={(struck) =>
          dispatch(
            changeRecord(
              harvest,
              (now) => ({
                ...now,
                weighings: (now.weighings ?? []).filter(({ at }) => at !== struck.at),
              }),
              t`Weighing removed.`,
            ),
          )
        }
      />
      {here || harvest.takenAway?.length ? <PickedOver harvest={harvest} /> : null}
      <AsItGrew harvest={harvest} />
    </Screen>
  );
}

/** What is wrong with it: more gone than was cut, rain on it, and what wilting shows. */
function HarvestWarnings({
  harvest,
  lies: { overG, signs },
  here,
  units,
}: {
  harvest: Harvest;
  lies: HarvestNow;
  here: boolean;
  units: UnitSystem;
}) {
  const over = words(showMass(overG, units));
  return (
    <>
      {overG > 0 ? (
        <Notice
          severity="caution"
          message={t`${over} more went into stills and out of it than was cut.`}
          remedy={t`Weigh what lies here, or remove what is wrong. The yields of its runs depend on it.`}
        />
      ) : null}
      {harvest.sky === "rain" && harvest.state === "fresh" && here ? (
        <Notice
          severity="caution"
          message={t`Cut in rain: what clings to it is weighed as plant, and heats and moulds first.`}
          remedy={t`Shake it out, spread it thin, and weigh it again once it is dry to the touch.`}
        />
      ) : null}
      {signs.map((sign) => (
        <Notice key={sign} severity="caution" {...wiltingWords[sign]} />
      ))}
    </>
  );
}

function RunsOfIt({ runs, units }: { runs: readonly Run[]; units: UnitSystem }) {
  const mass = (g: number) => words(showMass(g, units));
  return (
    <>
      {runs.map((run) => (
        <Row
          key={run.id}
          href={`/runs/${run.id}`}
          title={t`Run ${run.number}`}
          detail={t`${mass(run.plan.chargeG)}, ${inState[run.state]}, ${mass(run.plan.chargeG * (1 - run.plan.moisture))} of dry matter`}
        />
      ))}
    </>
  );
}
