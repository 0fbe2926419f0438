/* Prints the catalogue as JSON, for scripts. Refuses to when an entry is not whole. */
import { z } from "zod";
import { compounds, compoundVapourPressurePa, plants } from "../src/core";
import { proseById } from "../src/core/plant/catalogue/prose";
import { compoundSchema, plantSchema } from "../src/messages/plant";

const read = z
  .object({ plants: z.array(plantSchema), compounds: z.array(compoundSchema) })
  .safeParse({
    plants: plants.map((plant) => ({ ...plant, ...proseById(plant.id) })),
    compounds: Object.values(compounds),
  });
if (read.success) {
  const withPressure = read.data.compounds.map((compound) => ({
    ...compound,
    vapourPressurePaAt100C: Math.round(compoundVapourPressurePa(compound, 100)),
  }));
  console.log(JSON.stringify({ plants: read.data.plants, compounds: withPressure }, null, 1));
} else {
  console.error(z.prettifyError(read.error));
  process.exitCode = 1;
}
