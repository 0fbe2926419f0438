import { useRouter } from "expo-router";
import { View } from "react-native";
import { t } from "@/language/t";
import { useDueNow, useLitNow } from "@/store/useLitNow";
import { Button } from "@/ui/primitives/Button";
import { DueRow } from "@/ui/primitives/DueRow";
import { Txt } from "@/ui/primitives/Txt";
import { useNow } from "@/ui/useNow";

/* What is only later is told by the list of what to do when; the soonest of it stands here where nothing is due. */
const soonest = 1;

/** What all stills on the heat ask for now: their alarms and what is due, in one place. Nothing while none is lit. */
export function AtTheStills() {
  const router = useRouter();
  const lit = useLitNow(useNow());
  const due = useDueNow(lit);
  if (lit.length === 0) return null;
  const pressing = due.filter((each) => each.pressing);
  const shown = pressing.length > 0 ? pressing : due.slice(0, soonest);
  return (
    <View className="no-print gap-2">
      <Txt variant="heading">{t`At the stills now`}</Txt>
      <View role="list" aria-label={t`What is due`} className="gap-2">
        {shown.map(({ id, ...row }) => (
          <DueRow key={id} {...row} />
        ))}
      </View>
      <View className="flex-row">
        <Button
          look="quiet"
          size="small"
          label={t`All on the heat`}
          onPress={() => router.push("/runs/together")}
        />
      </View>
    </View>
  );
}
