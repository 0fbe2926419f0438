import type { ReactNode } from "react";
import { t } from "@/language/t";
import type { Setting } from "@/records/setting";
import type { Still } from "@/records/still";
import { AddSheet } from "./AddSheet";
import type { SheetName } from "./CockpitButtons";
import type { CockpitPart } from "./CockpitHead";
import { DripSheet } from "./DripSheet";
import { FigureSheet } from "./FigureSheet";
import { ForecastSheet } from "./ForecastSheet";
import { HeatSheet } from "./HeatSheet";
import { InstrumentSheet } from "./instrument/InstrumentSheet";
import type { Instrument } from "./instrument/useInstrument";
import { showTemperature, words } from "@/core/units/format";
import { expectedHeadC } from "@/logbook/run/expectedHead";
import { LogSheet } from "./LogSheet";
import { NoteSheet } from "./NoteSheet";
import { ReadingSheet } from "./ReadingSheet";
import { TroubleSheet } from "./TroubleSheet";
import type { Log } from "./useLog";

interface Props extends CockpitPart {
  sheet: SheetName | undefined;
  onClose: () => void;
  onOpen: (sheet: SheetName) => void;
  log: Log;
  still: Still | undefined;
  instrument: Instrument;
  prices: Setting["prices"];
  /** On a still to practise on: its outlet, to count drips at. */
  practice: { outlet: ReactNode } | undefined;
}

/** The sheet that is open over the cockpit, if one is; none is there before it is asked for. */
export function CockpitSheets({
  sheet,
  onClose,
  onOpen,
  log,
  still,
  instrument,
  prices,
  practice,
  ...part
}: Props) {
  const { run, state, live, units } = part;
  const common = { open: true, onClose, log };
  const { heatOn } = state;
  switch (sheet) {
    case "reading":
      return (
        <ReadingSheet
          {...common}
          units={units}
          headHelp={headHelp(part)}
          onTap={still?.condenser?.kind === "tap"}
        />
      );
    case "drips":
      return <DripSheet {...common} outlet={practice?.outlet} />;
    case "add":
      return <AddSheet {...common} units={units} />;
    case "heat":
      return <HeatSheet {...common} plan={run.plan} powerW={live.powerW} />;
    case "trouble":
      return (
        <TroubleSheet
          {...common}
          onHeatOff={() => log.tap("heatOff", t`Heat off noted.`)}
          heatOn={heatOn}
        />
      );
    case "note":
      return <NoteSheet {...common} />;
    case "log":
      return <LogSheet open onClose={onClose} run={run} state={state} units={units} />;
    case "instrument":
      return (
        <InstrumentSheet
          open
          onClose={onClose}
          run={run}
          instrument={instrument}
          lit={heatOn}
          practice={practice !== undefined}
        />
      );
    case "forecast":
      return <ForecastSheet {...common} {...part} still={still} prices={prices} />;
    case "flow":
    case "headFigure":
    case "outletFigure":
    case "levels":
      return <FigureSheet {...part} figure={sheet} onOpen={onOpen} onClose={onClose} />;
    case undefined:
      return null;
  }
}

/* What a sound still's head shows by now: cold, then in a minute or two where oil and water boil, rising as the oil goes. */
function headHelp({ run, state, since, units }: CockpitPart): string | undefined {
  const { firstDropAt } = state;
  const expected = expectedHeadC(run.plan, firstDropAt === undefined ? 0 : since);
  if (expected === undefined) return undefined;
  const about = words(showTemperature(expected, units));
  return firstDropAt === undefined
    ? t`Cold until steam comes, then about ${about} within two minutes`
    : t`By the plan about ${about} now`;
}
