import type { Setting } from "@/records/setting";
import { changePreferences } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { Card } from "@/ui/primitives/Card";
import { Choice } from "@/ui/primitives/Choice";
import { Txt } from "@/ui/primitives/Txt";
import { PlaceFields } from "./PlaceFields";

/** Light and sound at the still. */
export function CockpitChoices({ preferences }: { preferences: Setting }) {
  const dispatch = useAppDispatch();
  return (
    <Card className="gap-3">
      <Txt variant="heading">At the still</Txt>
      <Choice
        shown
        label="The cockpit's theme"
        options={[
          { value: "auto", label: "Dark after dusk" },
          { value: "night", label: "Always dark" },
          { value: "day", label: "Always light" },
        ]}
        value={preferences.cockpitLight ?? "auto"}
        onChange={(cockpitLight) => dispatch(changePreferences({ cockpitLight }))}
      />
      {(preferences.cockpitLight ?? "auto") === "auto" ? (
        <PlaceFields preferences={preferences} />
      ) : null}
      <Choice
        shown
        label="Sound and a buzz on cues"
        options={[
          { value: "on", label: "On" },
          { value: "off", label: "Off" },
          { value: "quiet", label: "Quiet for an hour" },
        ]}
        value={soundChoice(preferences)}
        onChange={(choice) =>
          dispatch(
            changePreferences({
              cueSound: choice !== "off",
              quietUntil:
                choice === "quiet" ? new Date(Date.now() + 3600e3).toISOString() : undefined,
            }),
          )
        }
      />
    </Card>
  );
}

function soundChoice({ cueSound, quietUntil }: Setting): "on" | "off" | "quiet" | undefined {
  if (cueSound === undefined) return undefined;
  if (!cueSound) return "off";
  return quietUntil && Date.parse(quietUntil) > Date.now() ? "quiet" : "on";
}
