import { useEffect, useState } from "react";
import { View } from "react-native";
import { findRelay } from "@/exchange/share/findRelay";
import { endPair, renameDevice } from "@/exchange/share/sharingActs";
import { t } from "@/language/t";
import { longestDeviceName } from "@/storage/shareStorage";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import type { PairStatus } from "@/store/sharingSlice";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { TextField } from "@/ui/primitives/TextField";
import { Txt } from "@/ui/primitives/Txt";
import { timeOf } from "@/words/runWords";
import { EnterCodeSheet } from "./EnterCodeSheet";
import { ShowCodeSheet } from "./ShowCodeSheet";

const statusWords: Record<PairStatus, string> = {
  opening: t`Connecting…`,
  here: t`Connected: what is noted on one is on the other at once.`,
  away: t`Not connected just now. What is noted here reaches it when it is back.`,
  cut: t`No connection. What is noted on both is brought together when it is back.`,
  elsewhere: t`Shared by another tab of this browser.`,
  ended: t`Ended. Both keep what they have.`,
};

/** The devices that share this logbook: how it goes with each, and the way to pair another. */
export function OtherDevices() {
  const dispatch = useAppDispatch();
  const { device, pairs } = useAppSelector(({ sharing }) => sharing);
  const [relay, setRelay] = useState<{ addresses: string[] } | "none">();
  const [sheet, setSheet] = useState<"show" | "enter" | undefined>(() =>
    window.location.hash.startsWith("#pair=") ? "enter" : undefined,
  );
  const [problem, setProblem] = useState<string>();
  useEffect(() => {
    void findRelay().then((found) => setRelay(found ?? "none"));
  }, []);
  useEffect(() => {
    /* A scanned code, while this page is open already. */
    const changed = () => window.location.hash.startsWith("#pair=") && setSheet("enter");
    window.addEventListener("hashchange", changed);
    return () => window.removeEventListener("hashchange", changed);
  }, []);
  if (!device) return null;
  const close = () => {
    setSheet(undefined);
    if (window.location.hash) history.replaceState(history.state, "", window.location.pathname);
  };
  return (
    <Card className="gap-3">
      <Txt variant="heading">{t`My other devices`}</Txt>
      <Txt>{t`Pair a phone and a computer, and both have the same logbook from then on: what you note at the still is on the other within a second. Without a connection each goes on alone.`}</Txt>
      {pairs.map(({ line, other, status, agreedAt, newer }) => (
        <View key={line} className="gap-1 border-t border-line pt-2">
          <View className="flex-row flex-wrap items-center justify-between gap-2">
            <Txt variant="strong" className="shrink">
              {other.name}
            </Txt>
            <Button
              label={status === "ended" ? t`Remove` : t`End pairing`}
              hint={
                status === "ended" ? t`Remove ${other.name}` : t`End pairing with ${other.name}`
              }
              look="quiet"
              size="small"
              onPress={() => void dispatch(endPair(line)).then((fault) => setProblem(fault))}
            />
          </View>
          <Txt role="status">{statusWords[status]}</Txt>
          <Txt variant="small">
            {agreedAt ? t`Both last had the same at ${timeOf(agreedAt)}.` : t`Not yet compared.`}
          </Txt>
          {newer ? (
            <Notice
              severity="caution"
              message={t`${other.name} has entries of a newer Sereno, which are not shown here.`}
              remedy={t`Update Sereno on this device.`}
            />
          ) : null}
        </View>
      ))}
      {problem ? <Notice severity="error" message={problem} /> : null}
      {relay === "none" ? (
        <Txt>{t`Pairing needs Sereno to be opened from its own server, which passes sealed messages on. Here there is none: save the logbook as a file and bring it in on the other device. The same file may be brought in more than once.`}</Txt>
      ) : (
        <>
          <TextField
            label={t`Name of this device`}
            value={device.name}
            placeholder={t`e.g. Shed phone`}
            maxLength={longestDeviceName}
            help={t`Shown next to what you note on this device.`}
            onChange={(name) => void dispatch(renameDevice(name))}
          />
          <View className="flex-row flex-wrap gap-2">
            <Button
              label={t`Show a code`}
              size="small"
              opens
              disabled={relay === undefined}
              onPress={() => setSheet("show")}
            />
            <Button
              label={t`Enter a code`}
              look="quiet"
              size="small"
              opens
              disabled={relay === undefined}
              onPress={() => setSheet("enter")}
            />
          </View>
        </>
      )}
      {sheet === "show" && relay && relay !== "none" ? (
        <ShowCodeSheet addresses={relay.addresses} onClose={close} />
      ) : null}
      {sheet === "enter" ? <EnterCodeSheet onClose={close} /> : null}
    </Card>
  );
}
