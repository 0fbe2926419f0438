import { relayInfoSchema } from "@/messages/relayMessages";

/**
 * Whether the page comes from a server that passes messages on, and under which addresses another device finds it.
 * Undefined where there is none.
 */
export async function findRelay(): Promise<{ addresses: string[] } | undefined> {
  try {
    const response = await fetch("/relay");
    if (!response.ok) return undefined;
    const read = relayInfoSchema.safeParse(await response.json());
    return read.success ? read.data : undefined;
  } catch {
    return undefined;
  }
}
