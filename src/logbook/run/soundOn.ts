import type { Setting } from "@/records/setting";

/** Whether cues may sound at a moment of the wall clock, ms. */
export function soundOn(
  { cueSound, quietUntil }: Pick<Setting, "cueSound" | "quietUntil">,
  wallNow: number,
): boolean {
  return cueSound === true && !(quietUntil && Date.parse(quietUntil) > wallNow);
}

/** What a thing that is due or wrong sounds as: the same while it stays so; undefined for what is to come. */
export function dueSound(
  asked: { level: "danger" | "now" | "later"; subject: string } | undefined,
): string | undefined {
  return asked && asked.level !== "later" ? `${asked.subject}-${asked.level}` : undefined;
}
