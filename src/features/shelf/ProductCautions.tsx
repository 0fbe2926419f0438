import { productCautions } from "@/core";
import { oilParts } from "@/logbook/shelf/oilParts";
import { shelfOf } from "@/logbook/shelf/trace";
import type { Lot } from "@/records/lot";
import { useAppSelector, usePlantBook } from "@/store/hooks";
import { selectStock } from "@/store/stock";
import { Txt } from "@/ui/primitives/Txt";
import { productCautionWords } from "@/words/productCautionWords";

/** What is warned of on a lot's product: of every plant that is in it, and of what it is. */
export function ProductCautions({ lot }: { lot: Lot }) {
  const book = usePlantBook();
  const { bottles, lots, uses } = useAppSelector(selectStock);
  const parts = oilParts(lot, shelfOf([...bottles, ...lots, ...uses]), book);
  return productCautions(
    lot.product,
    parts.map(({ care }) => care),
  ).map((caution) => (
    <Txt key={caution} variant="small">
      {productCautionWords[caution].screen}
    </Txt>
  ));
}
