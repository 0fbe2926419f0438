import { useSyncExternalStore } from "react";
import { View } from "react-native";
import { answeredMarks, answerMark, markCases, onMarkAnswered } from "@/core/units/markMeaning";
import { t } from "@/language/t";
import type { Setting } from "@/records/setting";
import { changePreferences } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { markAnswerWords } from "@/words/markAnswerWords";
import { unitOptions } from "@/words/unitOptions";
import { Choice } from "@/ui/primitives/Choice";
import { Txt } from "@/ui/primitives/Txt";

/** In which units and in which light everything is shown. */
export function LookChoices({ preferences }: { preferences: Setting }) {
  const dispatch = useAppDispatch();
  const { units } = preferences;
  return (
    <Card className="gap-3">
      <Choice
        shown
        label={t`Units`}
        options={unitOptions}
        value={units}
        onChange={(next) => dispatch(changePreferences({ units: next }))}
      />
      <MarksAnswered />
      <Choice
        shown
        label={t`Theme`}
        options={[
          { value: "system", label: t`As the device` },
          { value: "day", label: t`Day` },
          { value: "night", label: t`Night` },
        ]}
        value={preferences.theme}
        onChange={(theme) => dispatch(changePreferences({ theme }))}
      />
      <Choice
        shown
        label={t`Single letters as keys, on a wide screen`}
        options={[
          { value: "on", label: t`On` },
          { value: "off", label: t`Off` },
        ]}
        value={preferences.letterKeys === false ? "off" : "on"}
        onChange={(choice) =>
          dispatch(changePreferences({ letterKeys: choice === "off" ? false : undefined }))
        }
      />
    </Card>
  );
}

const answersNow = () => JSON.stringify(answeredMarks());

/** What was once answered of a number that could be two, and how to be asked again. */
function MarksAnswered() {
  const answers = JSON.parse(
    useSyncExternalStore(onMarkAnswered, answersNow, answersNow),
  ) as ReturnType<typeof answeredMarks>;
  const told = markCases.filter((of) => answers[of]);
  if (told.length === 0) return null;
  return (
    <View className="gap-1">
      {told.map((of) => (
        <Txt key={of} variant="small">
          {markAnswerWords(of, answers[of]!)}
        </Txt>
      ))}
      <View className="flex-row">
        <Button
          label={t`Ask again`}
          hint={t`Ask again what such a number means`}
          look="plain"
          size="small"
          onPress={() => {
            for (const of of told) answerMark(of, undefined);
          }}
        />
      </View>
    </View>
  );
}
