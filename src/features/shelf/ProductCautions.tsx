import { cautionsOfLot } from "@/logbook/shelf/cautionsOfLot";
import { drinkNote } from "@/logbook/shelf/drinkNote";
import type { LotPage } from "@/logbook/shelf/lotPage";
import type { Lot } from "@/records/lot";
import { useAppSelector } from "@/store/hooks";
import { usePlantBook } from "@/store/plants";
import { selectTraceable } from "@/store/stock";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { drinkNoteWords } from "@/words/drinkNoteWords";
import { productCautionWords } from "@/words/productCautionWords";

/** What is gravest of a lot's product, to be seen before anything else of it. */
export function GraveCautions({ lot }: { lot: Lot }) {
  return useCautions(lot).grave.map((caution) => (
    <Notice key={caution} severity="caution" message={productCautionWords[caution].screen} />
  ));
}

/** What else is warned of on it: of every plant that is in it, and of what it is. */
export function ProductCautions({ lot }: { lot: Lot }) {
  return useCautions(lot).others.map((caution) => (
    <Txt key={caution} variant="small">
      {productCautionWords[caution].screen}
    </Txt>
  ));
}

/** Whether a water may be drunk, where its cautions do not say so already. */
export function DrinkLine({ lot, page }: { lot: Lot; page: Pick<LotPage, "full" | "checks"> }) {
  const book = usePlantBook();
  const shelf = useAppSelector(selectTraceable);
  const note = drinkNote(lot, page, shelf, book);
  return note ? <Txt variant="small">{drinkNoteWords[note]}</Txt> : null;
}

function useCautions(lot: Lot) {
  const book = usePlantBook();
  const shelf = useAppSelector(selectTraceable);
  return cautionsOfLot(lot, shelf, book);
}
