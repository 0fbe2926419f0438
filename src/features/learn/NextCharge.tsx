import { useRouter } from "expo-router";
import { pairsFor } from "@/core/learn/trial";
import { t } from "@/language/t";
import { trialDraft } from "@/logbook/plan/trialDraft";
import { nextCharge, withLot } from "@/logbook/trial/trialPlace";
import { trialSpread } from "@/logbook/trial/trialSpread";
import type { Trial } from "@/records/trial";
import { beginPlan } from "@/store/beginPlan";
import { changeRecord } from "@/store/changes";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectHarvests, selectPreferences, selectRuns, selectTrials } from "@/store/selectors";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";
import { keepEqualIn } from "@/words/trialWords";

/* A difference that is worth the work. */
const worthTelling = 1.15;

/** What a trial asks for next: which side, by lot; what to keep equal; and how many pairs it will take. */
export function NextCharge({ trial }: { trial: Trial }) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const book = usePlantBook();
  const { units } = useAppSelector(selectPreferences);
  const runs = useAppSelector(selectRuns);
  const harvests = useAppSelector(selectHarvests);
  const trials = useAppSelector(selectTrials);
  const pairs = trial.design === "pairs";
  const next = nextCharge(trial, runs);
  const way = next.side === undefined ? "" : next.side === "a" ? trial.a : trial.b;
  const needed = pairsFor({
    design: trial.design,
    ratio: worthTelling,
    seen: trialSpread(trial, trials, runs, book),
  });
  const draw = () =>
    dispatch(changeRecord(trial, (now) => withLot(now, runs, Math.random() < 0.5 ? "a" : "b")));
  const plan = (side: "a" | "b") => {
    dispatch(beginPlan(trialDraft(trial, { ...next, side }, { runs, harvests, book, units })));
    router.push("/plan");
  };
  return (
    <Card className="gap-2">
      <Txt variant="heading">{pairs ? t`Pair ${next.pair ?? ""}` : t`Next run`}</Txt>
      <Txt>
        {next.like
          ? t`Its other half, run ${next.like.number}, is planned. “${way}” is left: same day, same still.`
          : next.side === undefined
            ? t`Mix the harvest, halve it on the scale, and let the lot say which half is distilled first: what comes second often goes better.`
            : pairs
              ? t`The lot says: “${way}” first.`
              : t`“${way}” next.`}
      </Txt>
      {next.side === undefined ? (
        <Button look="quiet" leaves label={t`Draw the lot`} onPress={draw} />
      ) : (
        <Button label={t`Plan “${way}”`} onPress={() => plan(next.side!)} />
      )}
      <Txt variant="small">{keepEqualIn(trial)}</Txt>
      <Txt variant="small">
        {needed === null
          ? t`Even a hundred would not show a difference of 15 %. Test something with a larger effect.`
          : pairs
            ? t`To show a difference of 15 %, about ${needed} pairs in all are needed, since your runs differ that much.`
            : t`To show a difference of 15 %, about ${needed} runs of each in all are needed, since your runs differ that much.`}
      </Txt>
    </Card>
  );
}
