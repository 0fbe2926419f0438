import { View } from "react-native";
import { fixed } from "@/core/units/format";
import { noonOf, showDay } from "@/core/units/dates";
import type { Plant } from "@/core/plant/plant";
import { phFar } from "@/core/shelf/verdict";
import { plural, t } from "@/language/t";
import { firstReading, judgedChecks } from "@/logbook/shelf/lotChecks";
import type { Check } from "@/records/check";
import type { Lot } from "@/records/lot";
import { bin } from "@/store/changes";
import { useAppDispatch } from "@/store/hooks";
import { PhChart } from "@/ui/charts/PhChart";
import { useAttachments } from "@/exchange/useAttachments";
import { AttachmentsCard } from "@/ui/attachments/AttachmentsCard";
import { Fold } from "@/ui/primitives/Fold";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { checkSentence, verdictWords } from "@/words/checkWords";

interface Props {
  lot: Lot;
  plant: Plant | undefined;
  checks: readonly Check[];
  onCheck: () => void;
}

const dayMs = 86400000;

/** How a lot was found over time, what the last check came to, and what to do. */
export function ChecksCard({ lot, plant, checks, onCheck }: Props) {
  const dispatch = useAppDispatch();
  const judged = judgedChecks(lot, checks);
  const last = judged.at(-1);
  const first = firstReading(lot, checks).ph;
  const readings = [
    ...(lot.ph === undefined ? [] : [{ day: 0, ph: lot.ph }]),
    ...judged.flatMap(({ check }) =>
      check.ph === undefined
        ? []
        : [
            {
              day: Math.max(0, (Date.parse(check.at) - noonOf(lot.madeOn).getTime()) / dayMs),
              ph: check.ph,
            },
          ],
    ),
  ];
  return (
    <Card className="gap-3">
      <View className="flex-row items-center justify-between gap-3">
        <Txt variant="heading">{t`Checks`}</Txt>
        <Button look="quiet" size="small" label={t`Check it`} onPress={onCheck} />
      </View>
      {last ? (
        <Notice
          severity={last.verdict === "keep" ? "note" : "caution"}
          message={checkSentence(last)}
          remedy={verdictWords[last.verdict].so}
        />
      ) : (
        <Txt variant="small">{t`Not checked yet. Smell, clarity and colour are two taps; a pH strip tells most of a hydrosol.`}</Txt>
      )}
      {readings.length > 1 ? (
        <PhChart
          readings={readings}
          {...(plant?.hydrosol.ph ? { usual: plant.hydrosol.ph } : {})}
          {...(first === undefined ? {} : { first })}
          step={phFar}
          inWords={t`pH over the days: ${readings.map(({ ph }) => fixed(ph, 1)).join(", ")}. A whole unit away from the first, it has turned.`}
        />
      ) : null}
      {[...judged].reverse().map((each) => (
        <View key={each.check.id} className="border-t border-line pt-1">
          <View className="flex-row items-center justify-between gap-3">
            <Txt variant="label">
              {[
                showDay(noonOf(each.on)),
                each.check.ph === undefined ? undefined : t`pH ${fixed(each.check.ph, 1)}`,
              ]
                .filter(Boolean)
                .join(" · ")}
            </Txt>
            <Button
              look="plain"
              size="small"
              leaves
              label={t`Delete`}
              hint={t`Delete the check of ${showDay(noonOf(each.on))}`}
              onPress={() => dispatch(bin(t`Check deleted.`, [each.check]))}
            />
          </View>
          <Txt>{checkSentence(each)}</Txt>
          {each.check.note ? <Txt variant="small">{each.check.note}</Txt> : null}
          <CheckAttachments id={each.check.id} name={t`Check of ${showDay(noonOf(each.on))}`} />
        </View>
      ))}
    </Card>
  );
}

/* Of each check one or two at most: folded away, with their number. */
function CheckAttachments({ id, name }: { id: string; name: string }) {
  const attachments = useAttachments(id);
  const { length } = attachments.items;
  return (
    <Fold
      title={t`Pictures and spoken notes`}
      inside={
        length === 0
          ? t`How it looked, in your own words.`
          : plural(length, { one: "# piece", other: "# pieces" })
      }
    >
      <AttachmentsCard name={name} {...attachments} />
    </Fold>
  );
}
