/*
 * What sharing takes beyond knowing that there is a pair, with its ciphers: fetched as one part, by whoever needs any of
 * it, so that the first screen carries none of it.
 */
export { answerPairing, offerPairing } from "./pairing";
export { shareLive } from "./shareLive";
