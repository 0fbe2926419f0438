import { chosenLogbook } from "@/storage/logbookChoice";

/** Whether this tab shows the demonstration. */
export function isDemo(): boolean {
  return chosenLogbook() === "sereno-demo";
}
