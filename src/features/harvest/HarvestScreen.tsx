import { useLocalSearchParams, useRouter } from "expo-router";
import { View } from "react-native";
import { noonOf, showDayLong } from "@/core/units/dates";
import { fixed, plainNumber, showMass, words } from "@/core/units/format";
import { moonPhase } from "@/core/calendar/moon";
import { t } from "@/language/t";
import { harvestLeftG } from "@/logbook/harvest/harvestLeft";
import { harvestDraft } from "@/logbook/harvest/harvestDraft";
import { harvestNow } from "@/logbook/harvest/harvestNow";
import { growths, skies, type Harvest } from "@/records/harvest";
import { beginPlan } from "@/store/beginPlan";
import { bin, changeRecord } from "@/store/changes";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import { selectPreferences, selectRuns } from "@/store/selectors";
import { NotHere } from "@/ui/layout/NotHere";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { figuresOf } from "@/words/figureWords";
import { wordsOf } from "@/words/glossary";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { Facts } from "@/ui/primitives/Facts";
import { Notice } from "@/ui/primitives/Notice";
import { Row } from "@/ui/primitives/Row";
import { useAttachments } from "@/exchange/useAttachments";
import { AttachmentsCard } from "@/ui/attachments/AttachmentsCard";
import { Txt } from "@/ui/primitives/Txt";
import { growthWords, skyWords, wiltingWords } from "@/words/harvestWords";
import { inState } from "@/words/stateWords";
import { DryAHandful } from "./DryAHandful";
import { HarvestFields } from "./HarvestFields";
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
  const preferences = useAppSelector(selectPreferences);
  const { units } = preferences;
  const runs = useAppSelector(selectRuns);
  const plant = book.byId(harvest.plantId);
  const name = plant?.name ?? harvest.plantId;
  const lies = harvestNow(harvest, runs, book);
  const { firstMoisture, moisture, state, signs, dry, overG } = lies;
  const attachments = useAttachments(harvest.id);
  const own = runs.filter(({ harvestId }) => harvestId === harvest.id);
  const leftG = harvestLeftG(harvest, runs);
  const here = leftG > 0 || own.length === 0;
  const mass = (g: number) => words(showMass(g, units));
  const change = (part: Partial<Harvest>, label = t`The harvest is changed.`) =>
    dispatch(changeRecord(harvest, (now) => ({ ...now, ...part }), label));
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
          <OilByGround harvest={harvest} runs={runs} firstMoisture={firstMoisture} units={units} />
          {own.map((run) => (
            <Row
              key={run.id}
              href={`/runs/${run.id}`}
              title={t`Run ${run.number}`}
              detail={t`${mass(run.plan.chargeG)}, ${inState[run.state]}, ${mass(run.plan.chargeG * (1 - run.plan.moisture))} of dry matter`}
            />
          ))}
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
      {overG > 0 ? (
        <Notice
          severity="caution"
          message={t`${mass(overG)} more went into stills and out of it than was cut.`}
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
      <Card className="gap-2">
        <Facts
          facts={[
            [t`Cut`, mass(harvest.massG)],
            [
              t`Now`,
              here
                ? `${mass(lies.massG)}, ${inState[state]}`
                : t`nothing lies here, it was ${inState[state]}`,
            ],
            [
              t`Counted`,
              harvest.counted &&
                `${plainNumber(harvest.counted.count)} × ${harvest.counted.measure}`,
            ],
            [t`From`, harvest.from],
            [
              t`Water in it`,
              t`${fixed(100 * moisture, 0)} %, at first ${fixed(100 * firstMoisture, 0)} %`,
            ],
            [t`Left of it`, here && leftG < lies.massG ? mass(leftG) : undefined],
            [
              t`Dry matter`,
              here
                ? t`${mass(dry.firstG)} in all, ${mass(dry.leftG)} here`
                : t`${mass(dry.firstG)} in all`,
            ],
          ]}
        />
        <Txt variant="small">
          {harvest.moisture === undefined
            ? t`Estimated from the water such a plant usually holds when it is cut.`
            : t`Calculated from the water it held when it was cut.`}
        </Txt>
      </Card>
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
      <Card className="gap-3">
        <Choice
          label={t`Growth`}
          shown
          options={growths.map((value) => ({ value, label: growthWords[value] }))}
          value={harvest.growth}
          onChange={(growth) => change({ growth })}
        />
        <Choice
          label={t`Weather`}
          shown
          options={skies.map((value) => ({ value, label: skyWords[value] }))}
          value={harvest.sky}
          onChange={(sky) => change({ sky })}
        />
        <HarvestFields harvest={harvest} />
        {preferences.moon ? (
          <Txt variant="small">{t`Moon: ${moonPhase(noonOf(harvest.cutOn).getTime())}.`}</Txt>
        ) : null}
      </Card>
    </Screen>
  );
}
