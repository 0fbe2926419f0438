import { useLocalSearchParams } from "expo-router";
import type { ReactNode } from "react";
import type { Run } from "@/records/run";
import { useAppSelector } from "@/store/hooks";
import { Screen } from "@/ui/layout/Screen";
import { Card } from "@/ui/primitives/Card";
import { Txt } from "@/ui/primitives/Txt";

/** Finds the run an address names and shows it, or says that it is not here. */
export function RunRoute({ show }: { show: (run: Run) => ReactNode }) {
  const { id } = useLocalSearchParams<{ id: string }>();
  const run = useAppSelector((state) => state.run.entities[id ?? ""]);
  if (run && !run.deletedAt) return show(run);
  return (
    <Screen title="Not here" back={{ href: "/", label: "Today" }}>
      <Card>
        <Txt>
          This run is not in this logbook. It may be in the bin (Bench, Data) or in another logbook.
        </Txt>
      </Card>
    </Screen>
  );
}
