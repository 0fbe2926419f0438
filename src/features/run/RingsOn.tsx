import { t } from "@/language/t";
import type { Run } from "@/records/run";
import { ringOn } from "@/store/acts/ringOn";
import { useAppDispatch, useAppSelector } from "@/store/hooks";
import { Select } from "@/ui/primitives/Select";

const everywhere = "everywhere";

/** Which of the devices that share the logbook a run's cues sound on. Nothing where there is only this one. */
export function RingsOn({ run }: { run: Run }) {
  const dispatch = useAppDispatch();
  const { device, pairs } = useAppSelector(({ sharing }) => sharing);
  const others = pairs.filter(({ status }) => status !== "ended");
  if (!device || others.length === 0) return null;
  const known = [device.id, ...others.map(({ other }) => other.id)].includes(run.ringsOn ?? "");
  return (
    <Select
      label={t`Cues sound on`}
      options={[
        { value: everywhere, label: t`Every device` },
        { value: device.id, label: t`This device` },
        ...others.map(({ other }) => ({ value: other.id, label: other.name })),
      ]}
      value={known ? run.ringsOn! : everywhere}
      onChange={(chosen) => dispatch(ringOn(run.id, chosen === everywhere ? undefined : chosen))}
    />
  );
}
