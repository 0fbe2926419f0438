import { useRouter } from "expo-router";
import { View } from "react-native";
import { nanoid } from "nanoid";
import { showMass, showVolume, words } from "@/core";
import type { Run } from "@/records/run";
import { runState } from "@/records/runState";
import { keep, bin } from "@/store/changes";
import { useAppDispatch, useAppSelector, usePlantBook } from "@/store/hooks";
import { selectPreferences } from "@/store/selectors";
import { Screen } from "@/ui/layout/Screen";
import { Button } from "@/ui/primitives/Button";
import { Card } from "@/ui/primitives/Card";
import { Check } from "@/ui/primitives/Check";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { checklist } from "./checklist";

/** What to see with one's own eyes before the heat goes on. */
export function ReadyScreen({ run }: { run: Run }) {
  const plantBook = usePlantBook();
  const dispatch = useAppDispatch();
  const router = useRouter();
  const { units } = useAppSelector(selectPreferences);
  const still = useAppSelector((state) => state.still.entities[run.stillId]);
  const plant = plantBook.byId(run.plantId);
  const water = words(showVolume(run.plan.waterMl, units));
  const items = still
    ? checklist(still, run.plan.method, water, words(showVolume(run.plan.dryLineMl, units)))
    : [];
  const open = items.filter(({ id }) => !run.checked.includes(id));
  const started = runState(run.entries).phase !== "ready";

  function tick(id: string, checked: boolean) {
    const others = run.checked.filter((other) => other !== id);
    dispatch(keep({ ...run, checked: checked ? [...others, id] : others }));
  }
  function light() {
    dispatch(
      keep({
        ...run,
        entries: [...run.entries, { id: nanoid(), type: "lit", at: new Date().toISOString() }],
      }),
    );
    router.replace(`/runs/${run.id}/watch`);
  }

  return (
    <Screen
      over={`Run ${run.number} · ${plant?.name ?? "Plant"}, charge ${run.plan.charge} of ${run.plan.charges}`}
      title="Make ready"
      back={{ href: "/plan", label: "Plan" }}
      footer={
        started ? (
          <Button
            label="Back to the still"
            onPress={() => router.replace(`/runs/${run.id}/watch`)}
          />
        ) : (
          <Button
            label={open.length > 0 ? `${open.length} still to see` : "Heat on"}
            disabled={open.length > 0}
            onPress={light}
          />
        )
      }
      aside={
        <>
          <Card className="gap-2">
            <Txt variant="heading">Set out</Txt>
            <Txt>{`${words(showMass(run.plan.chargeG, units))} of ${plant?.name.toLowerCase() ?? "plant"}, ${plant?.part ?? ""}`}</Txt>
            <Txt>{`${water} of water in ${run.stillName}`}</Txt>
            <Txt>{`${jars(run)} of ${words(showVolume(run.plan.jarMl, units))}, a funnel and a narrow measure`}</Txt>
          </Card>
          {plant?.hazards.map((hazard) => (
            <Notice key={hazard} severity="note" message={hazard} />
          ))}
          <Txt variant="small">
            Owning a still and selling what it makes are regulated in many places: check local
            rules. Where these notes and a local code or a licensed professional differ, follow
            them.
          </Txt>
          {started ? null : (
            <View className="flex-row">
              <Button
                label="Put this run away"
                look="quiet"
                size="small"
                onPress={() => {
                  dispatch(bin(`Run ${run.number} put away.`, [run]));
                  router.replace("/");
                }}
              />
            </View>
          )}
        </>
      }
    >
      {items.length === 0 ? (
        <Notice
          severity="error"
          message="This run's still is no longer on the Bench."
          remedy="Bring it back from the bin, under Bench, Data."
        />
      ) : null}
      <View className="gap-2">
        {items.map(({ id, label, reason }) => (
          <Check
            key={id}
            label={label}
            reason={reason}
            checked={run.checked.includes(id)}
            onChange={(checked) => tick(id, checked)}
          />
        ))}
      </View>
    </Screen>
  );
}

function jars({ plan }: Run): string {
  const count = Math.max(1, Math.ceil(plan.forecast.distillateMl / (plan.jarMl * 0.9)));
  return count === 1 ? "1 jar" : `${count} jars`;
}
