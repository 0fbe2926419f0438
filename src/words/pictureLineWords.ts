import type { LineId, WrongLines } from "@/logbook/run/layerByPicture";

/** What a line on a vessel's picture is set to. */
export function pictureLineWords(line: LineId, sinks: boolean): string {
  const said: Record<LineId, string> = {
    rimFar: "Rim, far edge",
    mark: "Rim or mark",
    upper: "Oil, upper edge",
    meeting: sinks ? "Water meets oil" : "Oil meets water",
    bottom: "Bottom inside",
  };
  return said[line];
}

/** Which lines lie in the wrong order. */
export const wrongLineWords: Record<WrongLines, string> = {
  markBelow: "The rim or mark must lie above the bottom.",
  upsideDown: "The oil’s upper edge must lie above its lower one.",
  belowBottom: "The oil must lie above the bottom.",
};
