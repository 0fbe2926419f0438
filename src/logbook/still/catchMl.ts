import { constructionOf } from "@/core/still/constructions";
import type { Still } from "@/records/still";

/** What stands under the drip holds so much, mL: the usual jar, or the bowl of a still that catches the distillate itself. */
export function catchMl(still: Pick<Still, "construction" | "bowl" | "jarMl">): number {
  return constructionOf(still.construction).catchesItself
    ? (still.bowl?.volumeMl ?? still.jarMl)
    : still.jarMl;
}
