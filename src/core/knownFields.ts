type Known<T> = { [Name in keyof T]?: Exclude<T[Name], undefined> };

/** An object's fields without those that are not known. */
export function knownFields<T extends object>(fields: T): Known<T> {
  return Object.fromEntries(
    Object.entries(fields).filter(([, value]) => value !== undefined),
  ) as Known<T>;
}
