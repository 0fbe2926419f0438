import { showDay } from "@/core/units/dates";
import { catalogueBook, type PlantBook } from "@/logbook/plant/plantBook";
import type { AnyRecord } from "@/records/record";

/** What a person would call a record. */
export function nameOf(record: AnyRecord, book: PlantBook = catalogueBook): string {
  const plant = (id: string) => book.byId(id)?.name ?? id;
  switch (record.kind) {
    case "still":
    case "measure":
    case "vessel":
      return record.name;
    case "material":
      return `Own figures of ${record.own.name ?? plant(record.plantId)}`;
    case "harvest":
      return `${plant(record.plantId)} harvest of ${record.cutOn}`;
    case "run":
      return `Run ${record.number}, ${plant(record.plantId)}`;
    case "lot":
      return `Lot ${record.code}`;
    case "bottle":
      return `Bottle ${record.code}`;
    case "use":
      return `Taken: ${record.purpose}`;
    case "check":
      return `Check of ${showDay(new Date(record.at))}`;
    case "empty":
      return `Empty bottles of ${record.sizeMl} mL`;
    case "duty":
      return record.doneAt ? "Done: something due" : "Put off: something due";
    case "trial":
      return `Trial: ${record.question}`;
    case "day":
      return `Day at the stills, ${record.on}`;
    case "exercise":
      return `Exercise: ${record.spec.title}`;
    case "sniff":
      return `Blind sniff: ${record.a} or ${record.b}`;
    case "setting":
      return "Preferences";
  }
}
