import { refusalSchema } from "@/messages/instrumentMessages";

/** Sends an object to the server and gives its answer. @throws with the server's reason when it refuses. */
export async function postJson(address: string, body: object): Promise<unknown> {
  const response = await fetch(address, {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify(body),
  });
  const answer: unknown = await response.json();
  if (response.ok) return answer;
  const refusal = refusalSchema.safeParse(answer);
  throw new Error(
    refusal.success ? refusal.data.problem : `the instrument answered ${response.status}`,
  );
}
