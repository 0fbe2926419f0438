import { t } from "@/language/t";
import { Sheet } from "@/ui/primitives/Sheet";
import { Txt } from "@/ui/primitives/Txt";
import type { PlanDraft } from "@/records/planDraft";
import type { Way } from "@/words/waysOfWorking";
import type { PlanWork } from "./usePlanDraft";
import { WayOptions } from "./WayOptions";

interface Props {
  way: Way | undefined;
  work: PlanWork;
  onChoose: (change: Partial<PlanDraft>, label: string) => void;
  onClose: () => void;
}

/** One question of practice: what each side claims, and what this plan would come to. */
export function WaySheet({ way, work, onChoose, onClose }: Props) {
  return (
    <Sheet title={way?.question ?? ""} open={way !== undefined} onClose={onClose}>
      {way ? (
        <>
          <WayOptions way={way} work={work} onChoose={onChoose} />
          <Txt variant="small">{t`Sereno's own choice: ${way.defaultIs}. ${way.reason} A trial of your own decides.`}</Txt>
        </>
      ) : null}
    </Sheet>
  );
}
