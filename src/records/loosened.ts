import { z } from "zod";

/**
 * The same schema, but fields that it does not know pass through it untouched, at every depth: what a newer edition
 * of Sereno has written beside them is there again when an older one writes the record back.
 */
export function loosened(schema: z.core.$ZodType): z.core.$ZodType {
  const def = (schema as z.ZodType).def as unknown as Parts;
  const again = (part: Partial<Parts>) =>
    z.core.clone(schema, { ...def, ...part } as unknown as z.core.$ZodTypeDef);
  switch (def.type) {
    case "object":
      return again({
        shape: Object.fromEntries(
          Object.entries(def.shape!).map(([name, field]) => [name, loosened(field)]),
        ),
        catchall: def.catchall ?? z.unknown(),
      });
    case "array":
      return again({ element: loosened(def.element!) });
    case "optional":
    case "nullable":
      return again({ innerType: loosened(def.innerType!) });
    case "union":
      return again({ options: def.options!.map(loosened) });
    default:
      return schema;
  }
}

/* The parts of a schema's definition that hold other schemas. */
interface Parts {
  type: string;
  shape?: Record<string, z.core.$ZodType>;
  catchall?: z.core.$ZodType;
  element?: z.core.$ZodType;
  innerType?: z.core.$ZodType;
  options?: z.core.$ZodType[];
}
