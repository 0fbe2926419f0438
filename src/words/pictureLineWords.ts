import { t } from "@/language/t";
import type { LineId, WrongLines } from "@/logbook/run/layerByPicture";

/** What a line on a vessel's picture is set to. */
export function pictureLineWords(line: LineId, sinks: boolean): string {
  const said: Record<LineId, string> = {
    rimFar: t`Rim, far edge`,
    mark: t`Rim or mark`,
    upper: t`Oil, upper edge`,
    meeting: sinks ? t`Water meets oil` : t`Oil meets water`,
    bottom: t`Bottom inside`,
  };
  return said[line];
}

/** Which lines lie in the wrong order. */
export const wrongLineWords: Record<WrongLines, string> = {
  markBelow: t`The rim or mark must lie above the bottom.`,
  upsideDown: t`The oil’s upper edge must lie above its lower one.`,
  belowBottom: t`The oil must lie above the bottom.`,
};
