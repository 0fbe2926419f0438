import { fixed, showDuration, showFlow, showLoss, showMass, words } from "@/core/units/format";
import { planCharges } from "@/core/plan/planCharges";
import { plantById } from "@/core/plant/catalogue";
import type { Calibration } from "@/core/still/calibrate";
import { methodsOf } from "@/core/still/fillLimits";
import { t } from "@/language/t";
import { stillFigures } from "@/logbook/still/stillFigures";
import type { Setting } from "@/records/setting";
import type { Still } from "@/records/still";
import { Card } from "@/ui/primitives/Card";
import { Explained } from "@/ui/primitives/Explained";
import { Table } from "@/ui/primitives/Table";
import { Txt } from "@/ui/primitives/Txt";

interface OutcomeProps {
  still: Still;
  usual: Calibration;
  solved: Calibration;
  preferences: Setting;
}

/** What the calibration says, and how much it changes a middling charge. */
export function CalibrationOutcome({ still, usual, solved, preferences }: OutcomeProps) {
  const times = (calibration: Calibration) => {
    const figures = stillFigures({
      ...still,
      heat: { ...still.heat, efficiency: calibration.efficiency },
      lossWPerK: calibration.lossWPerK,
    });
    const { forecast } = planCharges({
      still: figures,
      plant: plantById("lavender")!,
      state: "fresh",
      massG: 500,
      charges: 1,
      method: methodsOf(figures.shape)[0] ?? "steam",
      stop: { perKg: 1 },
      site: preferences.site,
    });
    return forecast;
  };
  const { units } = preferences;
  const [from, to] = [times(usual), times(solved)];
  const rows: [string, string, string][] = [
    [
      t`Reaches the pot`,
      `${fixed(usual.efficiency * 100, 0)} %`,
      `${fixed(solved.efficiency * 100, 0)} %`,
    ],
    [
      t`Lost to the room`,
      words(showLoss(usual.lossWPerK, units)),
      words(showLoss(solved.lossWPerK, units)),
    ],
    [
      t`First drop of ${words(showMass(500, units))}`,
      showDuration(from.minutesToFirstDrop ?? NaN),
      showDuration(to.minutesToFirstDrop ?? NaN),
    ],
    [t`Flow`, words(showFlow(from.rateMlPerMin, units)), words(showFlow(to.rateMlPerMin, units))],
  ];
  return (
    <Card wash="leaf" className="gap-2">
      <Txt variant="heading">{t`Your still, not the usual one`}</Txt>
      <Table label={t`Usual and measured`} head={["", t`usual`, t`yours`]} rows={rows} />
      <Explained about="heatLoss" />
      <Txt
        variant="small"
        className="text-ink"
      >{t`With a calibration the plan allows 3 % either way for the heat, instead of 10 %.`}</Txt>
    </Card>
  );
}
