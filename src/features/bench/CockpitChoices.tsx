import { t } from "@/language/t";
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
      <Txt variant="heading">{t`At the still`}</Txt>
      <Choice
        shown
        label={t`The cockpit's theme`}
        options={[
          { value: "auto", label: t`Dark after dusk` },
          { value: "night", label: t`Always dark` },
          { value: "day", label: t`Always light` },
        ]}
        value={preferences.cockpitLight ?? "auto"}
        onChange={(cockpitLight) => dispatch(changePreferences({ cockpitLight }))}
      />
      {(preferences.cockpitLight ?? "auto") === "auto" ? (
        <PlaceFields preferences={preferences} />
      ) : null}
      <Choice
        shown
        label={t`Sound and a buzz on cues`}
        options={[
          { value: "on", label: t`On` },
          { value: "off", label: t`Off` },
          { value: "quiet", label: t`Quiet for an hour` },
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
