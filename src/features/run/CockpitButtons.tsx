import { memo } from "react";
import { useRouter } from "expo-router";
import { View } from "react-native";
import type { Catches } from "@/core/still/methods";
import { t } from "@/language/t";
import type { RunState } from "@/logbook/run/runState";
import { Button } from "@/ui/primitives/Button";
import { useAfterAnswer } from "@/ui/useAfterAnswer";
import type { CockpitFigure } from "./FigureSheet";
import { HeatOffButton, type EarlyBy } from "./HeatOffButton";
import { Tap } from "./Tap";
import type { Log, Tapped } from "./useLog";

/** The sheets of the cockpit. */
export type SheetName =
  | "reading"
  | "drips"
  | "add"
  | "heat"
  | "trouble"
  | "note"
  | "log"
  | "forecast"
  | "instrument"
  | CockpitFigure;

/* On a wide screen with a keyboard. */
const keys: Partial<Record<SheetName, string>> = { reading: "e", note: "n", log: "l" };

interface Props {
  runId: string;
  phase: RunState["phase"];
  /** Where the distillate ends: what there is to do with it follows. */
  catches: Catches;
  /** Jars so far, the one under the outlet among them. */
  jars: number;
  /** Entries in the log. */
  entries: number;
  log: Log;
  onOpen: (sheet: SheetName) => void;
  early: () => EarlyBy | undefined;
  /** Heat off stands elsewhere, where it never scrolls away. */
  heatOffElsewhere?: boolean;
}

/**
 * Big buttons for a wet thumb. What stays from one phase to the next stays in its place: nobody who
 * aims at Reading as the first drop is noted may open another sheet.
 */
export const CockpitButtons = memo(function CockpitButtons({
  runId,
  phase,
  catches,
  jars,
  entries,
  log,
  onOpen,
  early,
  heatOffElsewhere = false,
}: Props) {
  const router = useRouter();
  const sheet = (name: SheetName, label: string) => (
    <Opener label={label} shortcut={keys[name]} onOpen={() => onOpen(name)} />
  );
  const tap = (type: Tapped, label: string, noted: string, { main = false, wide = false } = {}) => (
    <Tap
      key={type}
      label={label}
      look={main ? "main" : "quiet"}
      className={`${wide ? "flex-[2]" : "flex-1"} px-1`}
      entries={entries}
      onTap={() => log.tap(type, noted)}
    />
  );
  const logButton = sheet("log", t`Log, ${entries}`);
  if (phase === "ready" || phase === "settling" || phase === "done") {
    return (
      <View className="flex-row gap-2">
        {logButton}
        {sheet("note", t`Note`)}
        {phase === "ready" ? (
          <Button
            size="cockpit"
            className="flex-1"
            label={t`To the checklist`}
            onPress={() => router.replace(`/runs/${runId}/ready`)}
          />
        ) : phase === "done" ? (
          <Button
            size="cockpit"
            className="flex-1"
            label={t`The whole sheet`}
            onPress={() => router.push(`/runs/${runId}`)}
          />
        ) : (
          sheet("trouble", t`Trouble`)
        )}
      </View>
    );
  }
  const distilling = phase === "distilling";
  return (
    <View className="gap-[6px]">
      <View className="flex-row gap-2">
        {sheet("reading", t`Reading`)}
        {distilling ? (
          catches === "bowl" ? (
            <>
              {tap("lidTended", t`New ice`, t`Melt water off, new ice on: noted.`)}
              {tap("looked", t`Looked`, t`A look under the lid noted.`)}
            </>
          ) : (
            <>
              {sheet("drips", t`Count drips`)}
              {catches === "jar"
                ? tap("jarSwapped", t`Change jar`, t`Jar ${jars} put aside.`)
                : null}
            </>
          )
        ) : (
          <>
            {phase === "heating"
              ? tap("boiling", t`It boils`, t`Boiling noted.`, { main: true })
              : null}
            {tap("firstDrop", t`First drop`, t`First drop noted.`, {
              main: phase === "warming",
              wide: phase === "warming",
            })}
          </>
        )}
      </View>
      <View className="flex-row gap-2">
        {sheet("add", t`Ice, water`)}
        {sheet("heat", t`Heat`)}
        {sheet("trouble", t`Trouble`)}
      </View>
      <View className="flex-row gap-2">
        {logButton}
        {sheet("note", t`Note`)}
        {heatOffElsewhere ? null : (
          <HeatOffButton
            entries={entries}
            early={early}
            onOff={() => log.tap("heatOff", t`Heat off noted.`)}
          />
        )}
      </View>
    </View>
  );
});

/** Opens a sheet. The tap is answered by the button itself, which stays lit until the sheet is there. */
function Opener({
  label,
  shortcut,
  onOpen,
}: {
  label: string;
  shortcut?: string;
  onOpen: () => void;
}) {
  const [opening, open] = useAfterAnswer();
  return (
    <Button
      size="cockpit"
      className="flex-1 px-1"
      look="quiet"
      lit={opening}
      label={label}
      shortcut={shortcut}
      opens
      onPress={() => open(onOpen)}
    />
  );
}
