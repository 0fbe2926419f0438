import { View } from "react-native";
import { ownUnits } from "@/core/units/units";
import { t } from "@/language/t";
import { useUnits } from "@/store/hooks";
import { ClockField } from "@/ui/primitives/ClockField";
import { Fold } from "@/ui/primitives/Fold";
import { MomentField } from "@/ui/primitives/MomentField";
import { NumberField } from "@/ui/primitives/NumberField";
import { Txt } from "@/ui/primitives/Txt";
import { Card } from "@/ui/primitives/Card";
import type { DayForm, DayProblems } from "./dayForm";

interface Props {
  form: DayForm;
  problems: DayProblems;
  onChange: (part: Partial<DayForm>) => void;
}

/** When the day is, and what limits it: hands, fuse and ice. */
export function DayLimits({ form, problems, onChange }: Props) {
  const units = useUnits();
  const ice = ownUnits("iceMass", units);
  const counted = [
    form.hands.text.trim() === "1" ? t`one person` : t`${form.hands.text} people`,
    form.mains.text ? t`${form.mains.text} ${form.mains.unit} at once` : t`fuse not counted`,
    form.ice.text ? t`${form.ice.text} ${form.ice.unit} of ice` : t`ice not counted`,
  ].join(", ");
  return (
    <>
      <Card className="gap-3">
        <MomentField
          kind="day"
          label={t`Day`}
          value={form.on}
          problem={problems.on}
          onChange={(on) => onChange({ on })}
        />
        <View className="flex-row gap-4">
          {(["from", "until"] as const).map((field) => (
            <View key={field} className="gap-1">
              <Txt variant="label">{field === "from" ? t`From` : t`Until`}</Txt>
              <ClockField
                label={field === "from" ? t`From` : t`Until`}
                value={form[field]}
                wrong={problems[field] !== undefined}
                onChange={(clock) => onChange({ [field]: clock })}
              />
            </View>
          ))}
        </View>
      </Card>
      <Fold
        title={t`Hands, fuse and ice`}
        inside={`${counted.charAt(0).toUpperCase()}${counted.slice(1)}`}
        filled={form.mains.text !== "" || form.ice.text !== ""}
        wrong={Boolean(problems.hands ?? problems.mains ?? problems.ice ?? problems.freezer)}
      >
        <View className="flex-row gap-3">
          <NumberField
            label={t`People`}
            value={form.hands}
            choices={[]}
            problem={problems.hands}
            onChange={(hands) => onChange({ hands })}
          />
          <NumberField
            label={t`On at once, at most`}
            value={form.mains}
            choices={["W", "kW"]}
            placeholder={t`not counted`}
            problem={problems.mains}
            onChange={(mains) => onChange({ mains })}
          />
        </View>
        <View className="flex-row gap-3">
          <NumberField
            label={t`Ice in the morning`}
            value={form.ice}
            choices={ice}
            placeholder={t`not counted`}
            problem={problems.ice}
            onChange={(next) => onChange({ ice: next })}
          />
          <NumberField
            label={t`Made anew each hour`}
            value={form.freezer}
            choices={ice}
            placeholder={t`none`}
            problem={problems.freezer}
            onChange={(freezer) => onChange({ freezer })}
          />
        </View>
      </Fold>
    </>
  );
}
