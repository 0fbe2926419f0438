import { z } from "zod";
import type { PartingRequest } from "@/core/separation/parting";
import { vesselShapes } from "@/core/separation/vessel";
import { t } from "@/language/t";
import { limits, within } from "./limits";

const armed = ["twoArmFloat", "twoArmSink"] as const;
/* Where nobody measured the arm it is taken to be as long as the receiver is high. */
const usualStepMm = 4;

const vesselSchema = z
  .object({
    kind: z.enum([...vesselShapes, ...armed]),
    diameterMm: within(limits.vesselMm),
    heightMm: within(limits.vesselMm),
    angleDeg: z.number().gt(1).lt(179).optional(),
    armStepMm: within(limits.vesselMm).optional(),
    armMm: within(limits.vesselMm).optional(),
  })
  .strict();

/** What the separation is asked on the command line. */
export const separateRequestSchema = z
  .object({
    composition: z.record(z.string(), z.number().min(0).max(1)).optional(),
    oilDensityGPerMl: within(limits.oilDensity).optional(),
    oilMl: within(limits.amount),
    hydrosolMl: within(limits.amount),
    vessel: vesselSchema,
    temperatureC: z.number().min(0).max(100).default(20),
    saltGPerL: within(limits.saltGPerL).default(0),
  })
  .strict()
  .refine(
    ({ composition, oilDensityGPerMl }) =>
      (composition === undefined) !== (oilDensityGPerMl === undefined),
    { error: t`tell the oil's composition or its oilDensityGPerMl, one of them` },
  );

/** The request as the core takes it. */
export function asParting({
  composition,
  oilDensityGPerMl,
  vessel: { kind, armStepMm = usualStepMm, armMm, ...inside },
  ...rest
}: z.infer<typeof separateRequestSchema>): PartingRequest {
  const arms =
    kind === "twoArmFloat" || kind === "twoArmSink"
      ? {
          keeps: kind === "twoArmFloat" ? ("floats" as const) : ("sinks" as const),
          stepMm: armStepMm,
          armMm: armMm ?? inside.heightMm,
        }
      : undefined;
  return {
    ...rest,
    oil: composition ? { composition } : { densityGPerMl: oilDensityGPerMl! },
    vessel: {
      ...inside,
      shape: kind === "twoArmFloat" || kind === "twoArmSink" ? "tube" : kind,
      ...(arms ? { arms } : {}),
    },
  };
}
