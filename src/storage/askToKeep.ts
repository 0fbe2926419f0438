/** Asks the browser not to clear the logbook when space runs short. False when it will not promise. */
export async function askToKeep(): Promise<boolean> {
  try {
    return (await navigator.storage?.persist?.()) ?? false;
  } catch {
    return false;
  }
}
