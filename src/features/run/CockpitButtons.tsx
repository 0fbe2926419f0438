import { memo, useState } from "react";
import { useRouter } from "expo-router";
import { View } from "react-native";
import type { RunState } from "@/records/runState";
import { Button } from "@/ui/primitives/Button";
import { useAfterAnswer } from "@/ui/useAfterAnswer";
import type { Log, Tapped } from "./useLog";

/** The sheets of the cockpit. */
export type SheetName =
  "reading" | "drips" | "add" | "heat" | "trouble" | "note" | "log" | "forecast" | "instrument";

interface Props {
  runId: string;
  phase: RunState["phase"];
  /** Jars so far, the one under the outlet among them. */
  jars: number;
  /** Entries in the log. */
  entries: number;
  log: Log;
  onOpen: (sheet: SheetName) => void;
}

/** Big buttons for a wet thumb, always in the same nine places. */
export const CockpitButtons = memo(function CockpitButtons({
  runId,
  phase,
  jars,
  entries,
  log,
  onOpen,
}: Props) {
  const router = useRouter();
  const sheet = (name: SheetName, label: string, hint?: string) => (
    <Opener label={label} hint={hint} onOpen={() => onOpen(name)} />
  );
  const tap = (
    type: Tapped,
    label: string,
    noted: string,
    look: "quiet" | "main" | "danger" = "quiet",
  ) => (
    <Tap
      key={type}
      label={label}
      look={look}
      entries={entries}
      onTap={() => log.tap(type, noted)}
    />
  );
  const logButton = sheet("log", "Log", `Log, ${entries} entries`);
  if (phase === "ready" || phase === "settling" || phase === "done") {
    return (
      <View className="flex-row gap-2">
        {logButton}
        {sheet("note", "Note")}
        {phase === "ready" ? (
          <Button
            size="cockpit"
            className="flex-1"
            label="To the checklist"
            onPress={() => router.replace(`/runs/${runId}/ready`)}
          />
        ) : phase === "done" ? (
          <Button
            size="cockpit"
            className="flex-1"
            label="The whole sheet"
            onPress={() => router.push(`/runs/${runId}`)}
          />
        ) : (
          sheet("trouble", "Trouble")
        )}
      </View>
    );
  }
  const distilling = phase === "distilling";
  return (
    <View className="gap-2">
      <View className="flex-row gap-2">
        {distilling ? (
          <>
            {sheet("reading", "Reading")}
            {tap("jarSwapped", "Swap jar", `Jar ${jars} put aside.`)}
            {sheet("drips", "Count drips")}
          </>
        ) : (
          <>
            {phase === "heating" ? tap("boiling", "It boils", "Boiling noted.", "main") : null}
            {tap(
              "firstDrop",
              "First drop",
              "First drop noted.",
              phase === "warming" ? "main" : "quiet",
            )}
            {sheet("reading", "Reading")}
          </>
        )}
      </View>
      <View className="flex-row gap-2">
        {sheet("add", "Ice, water", "Ice or water added")}
        {sheet("heat", "Heat", "Heat changed")}
        {sheet("trouble", "Trouble")}
      </View>
      <View className="flex-row gap-2">
        {logButton}
        {sheet("note", "Note")}
        {tap("heatOff", "Heat off", "Heat off noted.", "danger")}
      </View>
    </View>
  );
});

/** Opens a sheet. The tap is answered by the button itself, which stays lit until the sheet is there. */
function Opener({ label, hint, onOpen }: { label: string; hint?: string; onOpen: () => void }) {
  const [opening, open] = useAfterAnswer();
  return (
    <Button
      size="cockpit"
      className="flex-1 px-1"
      look="quiet"
      lit={opening}
      label={label}
      hint={hint}
      onPress={() => open(onOpen)}
    />
  );
}

interface TapProps {
  label: string;
  look: "quiet" | "main" | "danger";
  entries: number;
  onTap: () => boolean;
}

/** Writes into the log. It lights up with the tap, until what is drawn has the entry. */
function Tap({ label, look, entries, onTap }: TapProps) {
  const [noting, setNoting] = useState<number>();
  return (
    <Button
      size="cockpit"
      className="flex-1 px-1"
      look={look}
      lit={noting === entries}
      label={label}
      onPress={() => onTap() && setNoting(entries)}
    />
  );
}
