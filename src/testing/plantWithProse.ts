import { plantById } from "@/core/plant/catalogue";
import type { Plant } from "@/core/plant/plant";
import type { PlantProse } from "@/core/plant/plantProse";
import { proseById } from "@/core/plant/catalogue/prose";

/** A plant of the book with what is told of it. */
export function plantWithProse(id: string): Plant & PlantProse {
  return { ...plantById(id)!, ...proseById(id) };
}
