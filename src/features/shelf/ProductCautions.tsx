import { cautionsOfLot } from "@/logbook/shelf/cautionsOfLot";
import type { Lot } from "@/records/lot";
import { useAppSelector, usePlantBook } from "@/store/hooks";
import { selectTraceable } from "@/store/stock";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
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

function useCautions(lot: Lot) {
  const book = usePlantBook();
  const shelf = useAppSelector(selectTraceable);
  return cautionsOfLot(lot, shelf, book);
}
