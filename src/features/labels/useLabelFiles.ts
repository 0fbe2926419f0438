import { useState } from "react";
import { isoDay } from "@/core/units/dates";
import { download } from "@/exchange/download";
import { labelPdf } from "@/exchange/labels/labelPdf";
import { labelSvg } from "@/exchange/labels/labelSvg";
import { svgToPng } from "./svgToPng";
import type { useLabelFonts, useLabels } from "./useLabels";

type Labels = ReturnType<typeof useLabels>;

interface Made extends Pick<Labels, "sheet" | "layouts" | "first"> {
  fonts: ReturnType<typeof useLabelFonts>["fonts"];
  cutMarks: boolean;
}

/** Labels saved as files: all of them on sheets, or the first one alone; and what went wrong at the last try. */
export function useLabelFiles({ fonts, sheet, layouts, first, cutMarks }: Made) {
  const [problem, setProblem] = useState<string>();
  async function savePdf() {
    const { grid, start = 1, nudgeX = 0, nudgeY = 0 } = sheet;
    if (!fonts || !grid) return;
    const labels = layouts.map((layout) => layout());
    const pdf = await labelPdf(labels, grid, fonts, { start, nudgeX, nudgeY, cutMarks });
    await download(`sereno-labels-${isoDay(new Date())}.pdf`, pdf, "application/pdf");
  }
  async function saveOne(as: "svg" | "png") {
    if (!fonts || !first) return;
    const svg = labelSvg(first, fonts);
    const file = `sereno-label-${first.code}.${as}`;
    if (as === "svg") return download(file, svg, "image/svg+xml");
    return download(file, await svgToPng(svg, first.widthMm, first.heightMm), "image/png");
  }
  const saying = (task: Promise<void>) => {
    setProblem(undefined);
    task.catch((error: unknown) =>
      setProblem(error instanceof Error ? error.message : String(error)),
    );
  };
  return {
    problem,
    all: () => saying(savePdf()),
    one: (as: "svg" | "png") => saying(saveOne(as)),
  };
}
