/* How oil and hydrosol part in a vessel: a request as JSON on standard input, the answer on standard output. */
import { minutesToPart, partedAfter, partingOf } from "../src/core";
import { asParting, separateRequestSchema } from "../src/messages/separateRequest";
import { answer } from "./lib/answer";

/* What never comes is null: JSON has no infinity. */
const finite = (value: number) => (Number.isFinite(value) ? value : null);

answer(separateRequestSchema, (request) => {
  const parting = partingOf(asParting(request));
  const { layer, differenceKgPerM3, layerMm, shows, pours, dissolvedG, fillings } = parting;
  return {
    layer,
    differenceKgPerM3,
    layerMm,
    shows,
    minutesTo: Object.fromEntries(
      [50, 80, 95].map((percent) => [percent, finite(minutesToPart(parting, percent / 100))]),
    ),
    settledShare: Object.fromEntries(
      [30, 60, 240, 720].map((minutes) => [minutes, partedAfter(parting, minutes)]),
    ),
    pours: pours
      ? { atMm: finite(pours.atMm), ever: pours.ever, atMl: finite(pours.atMl) }
      : { atMm: null, ever: false, atMl: null },
    dissolvedG: dissolvedG ?? null,
    columnMm: parting.columnMm,
    fillings,
  };
});
