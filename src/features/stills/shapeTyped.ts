import type { StillShape } from "@/core/still/geometry";
import { t } from "@/language/t";
import { limits } from "@/messages/limits";
import { numberField } from "@/ui/primitives/numberField";
import type { StillForm } from "./stillForm";

/** What of a still's form tells its body; a field may be half typed. */
export interface BodyTyped {
  construction?: StillForm["construction"];
  potVolume?: unknown;
  potDiameter?: unknown;
}

const size = numberField({ name: t`It`, ...limits.positive });

/** A still's body as far as it is typed; undefined while it has no volume or width. */
export function shapeTyped({
  construction = "basketPot",
  potVolume,
  potDiameter,
}: BodyTyped): StillShape | undefined {
  const volume = size.safeParse(potVolume);
  const diameter = size.safeParse(potDiameter);
  if (!volume.success || !diameter.success) return undefined;
  return {
    construction,
    potVolumeMl: volume.data,
    potDiameterMm: diameter.data,
    dryLineMl: 0,
  };
}
