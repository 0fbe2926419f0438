import { useLocalSearchParams } from "expo-router";
import type { ReactNode } from "react";
import { t } from "@/language/t";
import type { Run } from "@/records/run";
import { useAppSelector } from "@/store/hooks";
import { NotHere } from "@/ui/layout/NotHere";
import { ElsewhereHint } from "./ElsewhereHint";

/** Finds the run an address names and shows it, or says that it is not here. */
export function RunRoute({ show }: { show: (run: Run) => ReactNode }) {
  const { id } = useLocalSearchParams<{ id: string }>();
  const run = useAppSelector((state) => state.run.entities[id ?? ""]);
  if (run && !run.deletedAt) return show(run);
  return (
    <NotHere what={t`This run`} back={{ href: "/", label: t`Today` }}>
      <ElsewhereHint id={id ?? ""} />
    </NotHere>
  );
}
