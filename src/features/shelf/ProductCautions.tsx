import { type ProductCaution, productCautions } from "@/core/care/productCautions";
import { oilParts } from "@/logbook/shelf/oilParts";
import { shelfOf } from "@/logbook/shelf/trace";
import type { Lot } from "@/records/lot";
import { useAppSelector, usePlantBook } from "@/store/hooks";
import { selectStock } from "@/store/stock";
import { Notice } from "@/ui/primitives/Notice";
import { Txt } from "@/ui/primitives/Txt";
import { productCautionWords } from "@/words/productCautionWords";

/* Seen before the rest is read. */
const grave: ReadonlySet<ProductCaution> = new Set(["notToDrink", "notOnSkin", "poison"]);

/** What is warned of on a lot's product: of every plant that is in it, and of what it is. */
export function ProductCautions({ lot }: { lot: Lot }) {
  const book = usePlantBook();
  const { bottles, lots, uses } = useAppSelector(selectStock);
  const parts = oilParts(lot, shelfOf([...bottles, ...lots, ...uses]), book);
  return productCautions(lot.product, parts).map((caution) =>
    grave.has(caution) ? (
      <Notice key={caution} severity="caution" message={productCautionWords[caution].screen} />
    ) : (
      <Txt key={caution} variant="small">
        {productCautionWords[caution].screen}
      </Txt>
    ),
  );
}
