import { plainNumber } from "@/core/units/format";
import { t } from "@/language/t";
import type { SniffSoFar } from "@/logbook/learn/sniffSoFar";
import type { Sniff } from "@/records/sniff";

/* Guessed less often than this, it was not guessed. */
const sure = 0.05;

/** What a blind sniff says, once it may be said. */
export function sniffVerdict(
  { answered, right, guessed, needed, liked }: SniffSoFar,
  { a, b }: Pick<Sniff, "a" | "b">,
): string {
  if (answered === 0) return t`No round has been answered.`;
  const count = t`${right} of ${answered} right. Luck alone would do this ${percentOf(guessed)} of the time.`;
  if (guessed >= sure)
    return needed === null
      ? t`Not told apart: ${count} It takes three rounds at least, better six or twelve.`
      : t`Not told apart: ${count} ${needed} of ${answered} would have done.`;
  const all = liked.a + liked.b;
  const more = liked.a >= liked.b ? a : b;
  if (all === 0) return t`Told apart: ${count}`;
  const preference =
    liked.chance < sure
      ? t`“${more}” was liked more ${Math.max(liked.a, liked.b)} of ${all} times.`
      : t`“${more}” was liked more ${Math.max(liked.a, liked.b)} of ${all} times, which may be chance.`;
  return t`Told apart: ${count} ${preference}`;
}

function percentOf(chance: number): string {
  return `${plainNumber(Number((100 * chance).toPrecision(2)))} %`;
}
