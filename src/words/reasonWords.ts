import type { Reason } from "@/core/yield/explain";

/** What explains a yield, in words. */
export const reasonWords: Record<Reason, string> = {
  stoppedEarly: "Stopped earlier than planned",
  ranLonger: "Ran longer than planned",
  slower: "Less steam came than planned",
  faster: "More steam came than planned",
  settledShort: "Drawn off before all had separated",
  warmOutlet: "Vapour left at a warm outlet",
  oldStock: "The plant had lain",
  channels: "Dry patches: steam found a way past",
  plantItself: "Unexplained",
};
