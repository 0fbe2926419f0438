/** One of a few, with how it is called. */
export interface Option<T extends string> {
  value: T;
  label: string;
}

/** The option of a value, or the first where the value is none of them. */
export function pick<T extends string>(value: string, options: readonly Option<T>[]): T {
  return (options.find((option) => option.value === value) ?? options[0]!).value;
}

/** How the option of a value is called. */
export function labelOf<T extends string>(value: string, options: readonly Option<T>[]): string {
  return (options.find((option) => option.value === value) ?? options[0]!).label;
}
