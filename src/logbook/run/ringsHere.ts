/** Another device that shares the logbook, and whether it can be reached just now. */
interface Other {
  id: string;
  here: boolean;
}

/**
 * Whether a run's cues sound on this device. Danger sounds on each of them; a cue on the one that was chosen, and
 * here as well while that one cannot be reached.
 */
export function ringsHere(
  ringsOn: string | undefined,
  danger: boolean,
  own: string | undefined,
  others: readonly Other[],
): boolean {
  if (danger || ringsOn === undefined || ringsOn === own) return true;
  return !others.some(({ id, here }) => id === ringsOn && here);
}
