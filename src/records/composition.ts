import { z } from "zod";
import { compounds } from "@/core/plant/compounds";
import { mostTotal } from "@/core/plant/oil";
import { t } from "@/language/t";
import { limits, within } from "@/messages/limits";

/** An oil's make-up, mass fractions by compound of the book: what is kept can be computed with. */
export const compositionSchema = z
  .record(z.string(), within(limits.share))
  .refine((shares) => Object.keys(shares).every((id) => Object.hasOwn(compounds, id)), {
    message: t`names a compound that the book does not know`,
  })
  .refine(
    (shares) => {
      const total = Object.values(shares).reduce((sum, each) => sum + each, 0);
      return total > 0 && total <= mostTotal;
    },
    { message: t`its shares must sum to more than 0 and to no more than 1` },
  );
