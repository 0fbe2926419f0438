import { useState } from "react";
import { View } from "react-native";
import type { Fault } from "@/core/practice/faults";
import type { InstrumentStatus } from "@/instruments/instrumentLine";
import { t } from "@/language/t";
import { knownRequest } from "@/logbook/run/knownRequest";
import type { Run } from "@/records/run";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Check } from "@/ui/primitives/Check";
import { Choice } from "@/ui/primitives/Choice";
import { Notice } from "@/ui/primitives/Notice";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import { TracesOf } from "./TracesOf";
import type { Instrument } from "./useInstrument";

const health: Record<InstrumentStatus, string> = {
  none: t`Not connected`,
  connecting: t`Connecting…`,
  live: t`Connected`,
  lost: t`Line lost: trying again. What was missed comes after.`,
  silent: t`The probe is silent: nothing has come for a while. Trying again. Read the thermometer yourself.`,
  gone: t`The instrument is not there any more. What it sent is kept.`,
};

const faultWords: { fault: Fault; label: string; reason: string }[] = [
  { fault: "leak", label: t`A leak`, reason: t`More than half of the steam goes into the room.` },
  { fault: "coolingLost", label: t`Cooling lost`, reason: t`Vapour comes out of the condenser.` },
  { fault: "heatCut", label: t`Heat cut`, reason: t`The flame goes out.` },
  { fault: "iceGone", label: t`Ice gone`, reason: t`The tub is only water from now on.` },
];

const speeds = ["1", "10", "60", "120"] as const;

interface Props {
  open: boolean;
  onClose: () => void;
  run: Run;
  instrument: Instrument;
  lit: boolean;
  /** Of a still to practise on: it stays connected, and what goes wrong is the exercise's. */
  practice: boolean;
}

/** A probe and a scale: connect, health, and for the simulated ones what may go wrong. */
export function InstrumentSheet({ open, onClose, run, instrument, lit, practice }: Props) {
  const [speed, setSpeed] = useState<(typeof speeds)[number]>("1");
  const { feed, problem } = instrument;
  const { status, faults, unstored } = instrument.health;
  const connected = run.instrument !== undefined;
  const request = knownRequest(run.plan);
  return (
    <Sheet title={t`Probe and scale`} open={open} onClose={onClose}>
      {problem ? (
        <Notice
          severity="error"
          message={t`It could not be connected: ${problem}.`}
          remedy={t`Is the server that serves this page still running?`}
        />
      ) : null}
      {unstored ? (
        <Notice
          severity="error"
          message={t`The samples are not stored: ${unstored}. They wait in this tab and are tried again.`}
          remedy={t`Keep the tab open, and free some space.`}
        />
      ) : null}
      {connected ? (
        <>
          <Card className="gap-1">
            <Txt variant="strong">{run.instrument?.name}</Txt>
            <Txt role="status">{health[status]}</Txt>
            <Txt variant="small">
              {feed.rejected > 0
                ? t`${feed.count()} samples, ${feed.rejected} that were none were passed over.`
                : t`${feed.count()} samples.`}
            </Txt>
          </Card>
          <TracesOf feed={feed} version={instrument.version} />
          {practice ? null : (
            <View className="gap-2">
              <Txt variant="label">{t`Let something go wrong`}</Txt>
              {faultWords.map(({ fault, label, reason }) => (
                <Check
                  key={fault}
                  label={label}
                  reason={reason}
                  checked={faults.includes(fault)}
                  onChange={() => instrument.line.toggle(fault)}
                />
              ))}
              <Button label={t`Disconnect`} look="quiet" onPress={instrument.disconnect} />
            </View>
          )}
        </>
      ) : (
        <>
          <Txt>{t`A simulated probe (head, outlet, tub) and scale, on a still that runs as this plan describes it, with chance drawn once, as on any day. For practice: time can run faster.`}</Txt>
          <Choice
            label={t`How fast`}
            shown
            options={speeds.map((value) => ({
              value,
              label: value === "1" ? t`As it is` : t`${value} times`,
            }))}
            value={speed}
            onChange={setSpeed}
          />
          {request ? null : (
            <Notice
              severity="note"
              message={t`This run was planned before plans kept what they were asked: it cannot be simulated.`}
            />
          )}
          <Button
            label={t`Connect`}
            disabled={!lit || !request}
            onPress={() => void instrument.connect(Number(speed))}
          />
        </>
      )}
    </Sheet>
  );
}
