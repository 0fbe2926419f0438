/**
 * A figure that cannot be, as a code with its numbers. How it is said to a person is not the core's to
 * decide; the message is for a developer.
 */
export class Refusal<Why extends { code: string }> extends RangeError {
  constructor(readonly why: Why) {
    super(
      Object.entries(why)
        .map(([name, value]) => (name === "code" ? String(value) : `${name} ${value}`))
        .join(", "),
    );
  }
}
