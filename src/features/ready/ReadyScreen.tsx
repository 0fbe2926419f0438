import { useRouter } from "expo-router";
import { useState } from "react";
import { View } from "react-native";
import { plural, t } from "@/language/t";
import type { Run } from "@/records/run";
import type { Still } from "@/records/still";
import { askAgain, leaveOut } from "@/store/acts/leaveOut";
import { tickCheck } from "@/store/acts/tickCheck";
import { bin } from "@/store/changes";
import { besideWords, placeWords } from "@/words/trialWords";
import { useAppDispatch } from "@/store/hooks";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Check } from "@/ui/primitives/Check";
import { Notice } from "@/ui/primitives/Notice";
import { Sheet } from "@/ui/primitives/Sheet";
import { TextField } from "@/ui/primitives/TextField";
import { WordsHere } from "@/ui/primitives/WordsHere";
import { wordsOf } from "@/words/glossary";
import { Txt } from "@/ui/primitives/Txt";
import type { CheckItem } from "./checklist";
import { packingList } from "./packing";
import { useReady, type Ready } from "./useReady";

/** What to see with one's own eyes before the heat goes on. */
export function ReadyScreen({ run }: { run: Run }) {
  const ready = useReady(run);
  const { still, plant, items, open, started, place, light, planAnew } = ready;
  const toMend = place && besideWords(place);
  const router = useRouter();
  const [asking, setAsking] = useState(false);
  return (
    <Screen
      over={t`Run ${run.number} · ${plant?.name ?? t`Plant`}, charge ${run.plan.charge} of ${run.plan.charges}`}
      title={t`Get ready`}
      pageTitle={t`Get ready, ${plant?.name ?? t`plant`}, run ${run.number}`}
      back={{ href: "/", label: t`Today` }}
      actions={
        started ? undefined : (
          <Button label={t`Change the plan`} look="quiet" size="small" onPress={planAnew} />
        )
      }
      words={<ReadyWords />}
      footer={
        started ? (
          <Button
            label={t`Back to the still`}
            onPress={() => router.replace(`/runs/${run.id}/watch`)}
          />
        ) : (
          <HeatOn
            left={open.length}
            hasChecks={items.length > 0}
            onLight={() => light()}
            onAsk={() => setAsking(true)}
          />
        )
      }
      aside={<ReadyAside ready={ready} />}
    >
      {place ? <Notice severity="note" {...placeWords(place)} /> : null}
      {toMend ? <Notice severity="caution" {...toMend} /> : null}
      {items.length === 0 ? (
        <Notice
          severity="error"
          message={t`This run's still is no longer on the Bench.`}
          remedy={t`Bring it back from the bin: Bench, Data.`}
        />
      ) : null}
      <View className="gap-2">
        {items.map((item) => (
          <CheckRow key={item.id} item={item} run={run} still={still} />
        ))}
      </View>
      <OpenSheet open={asking} items={open} onClose={() => setAsking(false)} onLight={light} />
    </Screen>
  );
}

/** What goes to the still with the charge, and what to know before it is lit. */
function ReadyAside({ ready: { run, still, plant, all, units, started } }: { ready: Ready }) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  return (
    <>
      <Card className="gap-2">
        <Txt variant="heading">{t`Carry to the still`}</Txt>
        {packingList(run, still, plant, units).map((line) => (
          <Txt key={line}>{line}</Txt>
        ))}
      </Card>
      {plant?.hazards.map((hazard) => (
        <Notice key={hazard} severity="note" message={hazard} />
      ))}
      {still && (still.notHere?.length ?? 0) > 0 ? (
        <NotHere still={still} all={all} onBack={() => dispatch(askAgain(still))} />
      ) : null}
      <Txt variant="small">{t`Owning a still and selling what it makes are regulated in many places: check local rules. Where these notes and a local code or a licensed professional differ, follow them.`}</Txt>
      {started ? null : (
        <View className="flex-row">
          <Button
            label={t`Delete run`}
            look="quiet"
            size="small"
            onPress={() => {
              dispatch(bin(t`Run ${run.number} deleted.`, [run]));
              router.replace("/");
            }}
          />
        </View>
      )}
    </>
  );
}

function ReadyWords() {
  return (
    <WordsHere
      all="/bench/words"
      guide="/bench/guide?about=Get%20ready"
      words={wordsOf([
        "charge",
        "dryLine",
        "headspace",
        "receiver",
        "outlet",
        "channelling",
        "packing",
      ])}
    />
  );
}

/** Lighting with checks open takes a reason, which stays in the log. */
function OpenSheet({
  open,
  items,
  onClose,
  onLight,
}: {
  open: boolean;
  items: readonly CheckItem[];
  onClose: () => void;
  onLight: (reason: string) => void;
}) {
  const [reason, setReason] = useState("");
  return (
    <Sheet title={t`Start with checks unfinished?`} open={open} onClose={onClose}>
      <Notice
        severity="error"
        message={t`These were not seen:`}
        remedy={items.map(({ label }) => label).join(" · ")}
      />
      <TextField
        label={t`Reason`}
        value={reason}
        onChange={setReason}
        lines={2}
        maxLength={200}
        help={t`It stays in the run's log.`}
      />
      <Button
        label={t`Heat on`}
        look="danger"
        disabled={reason.trim().length < 3}
        onPress={() => onLight(reason.trim())}
      />
    </Sheet>
  );
}

function NotHere({
  still,
  all,
  onBack,
}: {
  still: Still;
  all: readonly CheckItem[];
  onBack: () => void;
}) {
  const marked = all.filter(({ id }) => still.notHere?.includes(id));
  return (
    <Card className="gap-2">
      <Txt variant="small">{t`Not on this still: ${marked.map(({ label }) => label).join(" · ")}`}</Txt>
      <View className="flex-row">
        <Button label={t`Ask again`} look="plain" size="small" onPress={onBack} />
      </View>
    </Card>
  );
}

/** One thing to see, and to say that this still has none of it. */
function CheckRow({
  item: { id, label, reason, optional },
  run,
  still,
}: {
  item: CheckItem;
  run: Run;
  still: Still | undefined;
}) {
  const dispatch = useAppDispatch();
  return (
    <View className="gap-1">
      <Check
        label={label}
        reason={reason}
        checked={run.checked.includes(id)}
        onChange={(checked) => dispatch(tickCheck(run.id, id, checked))}
      />
      {optional && still ? (
        <View className="flex-row">
          <Button
            label={t`My still has none`}
            hint={t`My still has none: ${label}`}
            look="plain"
            size="small"
            onPress={() => dispatch(leaveOut(still, id))}
          />
        </View>
      ) : null}
    </View>
  );
}

/** The heat goes on when all is seen, or with a reason. */
function HeatOn({
  left,
  hasChecks,
  onLight,
  onAsk,
}: {
  left: number;
  hasChecks: boolean;
  onLight: () => void;
  onAsk: () => void;
}) {
  return (
    <View className="gap-2">
      <Button
        label={
          left === 0
            ? t`Heat on`
            : t`${plural(left, { one: "# check left", other: "# checks left" })}`
        }
        disabled={left > 0}
        onPress={onLight}
      />
      {left > 0 && hasChecks ? (
        <Button
          label={t`Start with checks unfinished`}
          look="plain"
          size="small"
          opens
          onPress={onAsk}
        />
      ) : null}
    </View>
  );
}
