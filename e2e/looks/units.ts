import { expect, type Page } from "@playwright/test";
import { readWhole } from "../readWhole";

/*
 * One system of units in the whole logbook: every address is read whole, with what is folded open, and no unit of
 * the other system may stand there. Oil stays in mL, heat in kWh; stills and sheets of paper keep their names.
 */
const named =
  /Copper pot, 12 L|Steel pot, 25 L|Glass flask, 2 L|Boiler and vessel, 15 L|Returning flask, 3 L|Bowl and lid, 10 L|Returning pot, 10 L|Pressure pot, weight off, 9 L|Small glass, 500 mL|Steamer and hose, 5 L|Vessel on a steam generator, 60 L/g;
const foreign = {
  us: /(?:^|[\s(])(?:g|kg|L|°C|mm|cm|m|K|W\/°C|mL\/min|mL\/kg|L\/kg|g\/L|g\/mL)(?=$|[\s.,;:)·–/])|\blitres?\b|\bkilograms?\b|\bmetres?\b/,
  metric:
    /\d (?:oz|lb|fl oz|°F|in(?! \d)|ft|gal|cups|qt|mL\/lb)\b|(?:^|[ (])(?:oz|lb|fl oz|mL\/lb)$|\bpounds?\b/,
} as const;

/** The choice of units on the bench, which names both systems. */
const choiceItself = /^(g, mL, °C|oz, fl oz, °F|Units)$/;

/** Only one system of units stands on a page, or on what is open over it. */
export function nothingBut(system: "us" | "metric") {
  return async (page: Page, where: string): Promise<void> => {
    const left = (await readWhole(page, "chosen")).filter(
      (text) => !choiceItself.test(text) && foreign[system].test(text.replace(named, "")),
    );
    expect.soft([...new Set(left)], `${where} in ${system} units`).toEqual([]);
  };
}
