/** Whether an address is an exercise: as in a cockpit the screen belongs to it, but a real still's alarms come first. */
export function isExercise(path: string): boolean {
  return /^\/bench\/practice\/[^/]+$/.test(path);
}

/** Whether an address is a still being watched: there the screen belongs to the still alone. */
export function isCockpit(path: string): boolean {
  return /^\/runs\/(together|[^/]+\/watch)$/.test(path);
}
