/* What a product is warned of and how it measures: a request as JSON on standard input, the answer on standard output. */
import { productCare } from "../src/core";
import { asParts, productRequestSchema } from "../src/messages/productRequest";
import { labelCautions } from "../src/words/labelWords";
import { answer } from "./lib/answer";

answer(productRequestSchema, (request) => {
  const care = productCare(request.product, asParts(request));
  return {
    ...care,
    label: labelCautions(request.product, care.cautions, "label"),
    smallLabel: labelCautions(request.product, care.cautions, "small"),
  };
});
