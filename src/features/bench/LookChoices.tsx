import type { Setting } from "@/records/setting";
import { changePreferences } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { Card } from "@/ui/primitives/Card";
import { unitOptions } from "@/words/unitOptions";
import { Choice } from "@/ui/primitives/Choice";

/** In which units and in which light everything is shown. */
export function LookChoices({ preferences }: { preferences: Setting }) {
  const dispatch = useAppDispatch();
  const { units } = preferences;
  return (
    <Card className="gap-3">
      <Choice
        shown
        label="Units"
        options={unitOptions}
        value={units}
        onChange={(next) => dispatch(changePreferences({ units: next }))}
      />
      <Choice
        shown
        label="Theme"
        options={[
          { value: "system", label: "As the device" },
          { value: "day", label: "Day" },
          { value: "night", label: "Night" },
        ]}
        value={preferences.theme}
        onChange={(theme) => dispatch(changePreferences({ theme }))}
      />
      <Choice
        shown
        label="Single letters as keys, on a wide screen"
        options={[
          { value: "on", label: "On" },
          { value: "off", label: "Off" },
        ]}
        value={preferences.letterKeys === false ? "off" : "on"}
        onChange={(choice) =>
          dispatch(changePreferences({ letterKeys: choice === "off" ? false : undefined }))
        }
      />
    </Card>
  );
}
