import { showDay } from "@/core/units/dates";
import { t } from "@/language/t";
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
      return t`Own figures of ${record.own.name ?? plant(record.plantId)}`;
    case "harvest":
      return t`${plant(record.plantId)} harvest of ${record.cutOn}`;
    case "run":
      return t`Run ${record.number}, ${plant(record.plantId)}`;
    case "lot":
      return t`Lot ${record.code}`;
    case "bottle":
      return t`Bottle ${record.code}`;
    case "use":
      return t`Taken: ${record.purpose}`;
    case "check":
      return t`Check of ${showDay(new Date(record.at))}`;
    case "empty":
      return t`Empty bottles of ${record.sizeMl} mL`;
    case "duty":
      return record.doneAt ? t`Done: something due` : t`Put off: something due`;
    case "trial":
      return t`Trial: ${record.question}`;
    case "day":
      return t`Day at the stills, ${record.on}`;
    case "exercise":
      return t`Exercise: ${record.spec.title}`;
    case "sniff":
      return t`Blind sniff: ${record.a} or ${record.b}`;
    case "setting":
      return t`Preferences`;
  }
}
