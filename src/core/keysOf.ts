/** The names of a table's rows, in its order: what a schema, a list of options or a loop is made from. */
export function keysOf<Table extends object>(table: Table): [keyof Table, ...(keyof Table)[]] {
  return Object.keys(table) as [keyof Table, ...(keyof Table)[]];
}
