import { memo } from "react";
import { useRouter } from "expo-router";
import { View } from "react-native";
import type { Run } from "@/records/run";
import type { RunState } from "@/records/runState";
import { Button } from "@/ui/primitives/Button";
import type { Log } from "./useLog";

/** The sheets of the cockpit. */
export type SheetName =
  "reading" | "drips" | "add" | "heat" | "trouble" | "note" | "log" | "forecast" | "instrument";

interface Props {
  run: Run;
  state: RunState;
  log: Log;
  onOpen: (sheet: SheetName) => void;
}

/** Big buttons for a wet thumb, always in the same nine places. */
export const CockpitButtons = memo(function CockpitButtons({ run, state, log, onOpen }: Props) {
  const router = useRouter();
  const { phase } = state;
  const quiet = (label: string, onPress: () => void, hint?: string) => (
    <Button
      size="cockpit"
      className="flex-1 px-1"
      look="quiet"
      label={label}
      hint={hint}
      onPress={onPress}
    />
  );
  const logButton = quiet("Log", () => onOpen("log"), `Log, ${state.entries.length} entries`);
  if (phase === "ready" || phase === "settling" || phase === "done") {
    return (
      <View className="flex-row gap-2">
        {logButton}
        {quiet("Note", () => onOpen("note"))}
        {phase === "ready" ? (
          <Button
            size="cockpit"
            className="flex-1"
            label="To the checklist"
            onPress={() => router.replace(`/runs/${run.id}/ready`)}
          />
        ) : phase === "done" ? (
          <Button
            size="cockpit"
            className="flex-1"
            label="The whole sheet"
            onPress={() => router.push(`/runs/${run.id}`)}
          />
        ) : (
          quiet("Trouble", () => onOpen("trouble"))
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
            {quiet("Reading", () => onOpen("reading"))}
            {quiet("Swap jar", () => log.tap("jarSwapped", `Jar ${state.jars} put aside.`))}
            {quiet("Count drips", () => onOpen("drips"))}
          </>
        ) : (
          <>
            {phase === "heating" ? (
              <Button
                size="cockpit"
                className="flex-1"
                label="It boils"
                onPress={() => log.tap("boiling", "Boiling noted.")}
              />
            ) : null}
            <Button
              size="cockpit"
              className="flex-1"
              look={phase === "warming" ? "main" : "quiet"}
              label="First drop"
              onPress={() => log.tap("firstDrop", "First drop noted.")}
            />
            {quiet("Reading", () => onOpen("reading"))}
          </>
        )}
      </View>
      <View className="flex-row gap-2">
        {quiet("Ice, water", () => onOpen("add"), "Ice or water added")}
        {quiet("Heat", () => onOpen("heat"), "Heat changed")}
        {quiet("Trouble", () => onOpen("trouble"))}
      </View>
      <View className="flex-row gap-2">
        {logButton}
        {quiet("Note", () => onOpen("note"))}
        <Button
          size="cockpit"
          className="flex-1"
          look="danger"
          label="Heat off"
          onPress={() => log.tap("heatOff", "Heat off noted.")}
        />
      </View>
    </View>
  );
});
