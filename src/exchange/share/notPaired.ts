/** Why no pairing came about, as a sentence. */
export class NotPaired extends Error {}
