/** Whether an address is a still being watched: there the screen belongs to the still alone. */
export function isCockpit(path: string): boolean {
  return /^\/runs\/(together|[^/]+\/watch)$/.test(path);
}
