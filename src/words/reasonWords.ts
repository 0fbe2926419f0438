import type { Reason } from "@/core/yield/explain";
import { t } from "@/language/t";

/** What explains a yield, in words. */
export const reasonWords: Record<Reason, string> = {
  stoppedEarly: t`Stopped earlier than planned`,
  ranLonger: t`Ran longer than planned`,
  slower: t`Less steam came than planned`,
  faster: t`More steam came than planned`,
  settledShort: t`Drawn off before all had separated`,
  warmOutlet: t`Vapour left at a warm outlet`,
  oldStock: t`The plant had lain`,
  channels: t`Dry patches: steam found a way past`,
  plantItself: t`Unexplained`,
};
