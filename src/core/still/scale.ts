/* Of the hardness (as calcium carbonate) what boiling throws down: temporary hardness of usual well and tap water. */
const thrownDown = 0.7;

/** From so much scale in a pot on heat is lost and oil bakes on, g: a skin of a third of a millimetre on a plate-sized floor. */
export const scaleToRemoveG = 20;

/**
 * Scale that boiling so much water leaves in the pot, g.
 * @param waterMl charged water, 0 or more
 * @param hardnessMgPerL as calcium carbonate, 0 or more
 */
export function scaleG(waterMl: number, hardnessMgPerL: number): number {
  return (thrownDown * hardnessMgPerL * waterMl) / 1e6;
}
