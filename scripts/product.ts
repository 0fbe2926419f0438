/* What a product is warned of and how it measures: a request as JSON on standard input, the answer on standard output. */
import { productCare } from "../src/core";
import { allergensIn } from "../src/core/care/allergens";
import { hazardDraft } from "../src/core/care/hazardMarks";
import { judgeIdentity } from "../src/core/care/identity";
import { sharesOfWhole } from "../src/core/care/sharesOfWhole";
import { plantById } from "../src/core/plant/catalogue";
import { asParts, productRequestSchema, type ProductRequest } from "../src/messages/productRequest";
import { labelCautions } from "../src/words/labelWords";
import { answer } from "./lib/answer";

answer(productRequestSchema, (request) => {
  const { product } = request;
  const parts = asParts(request);
  const care = productCare(product, parts);
  const shares = sharesOfWhole(product, parts);
  return {
    ...care,
    label: labelCautions(product, care.cautions, "label"),
    smallLabel: labelCautions(product, care.cautions, "small"),
    allergens: {
      leftOn: allergensIn(shares, "leftOn"),
      washedOff: allergensIn(shares, "washedOff"),
    },
    ...(product === "oil" ? { hazardDraft: hazardDraft(shares) } : {}),
    ...identity(request),
  };
});

function identity({ parts, measured }: ProductRequest) {
  const plant = plantById(parts?.[0]?.plantId ?? "");
  if (!measured || !plant) return {};
  return { identity: judgeIdentity(plant.id, plant.composition, measured) };
}
