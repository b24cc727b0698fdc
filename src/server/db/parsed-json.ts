import { customType } from "drizzle-orm/pg-core";
import type { z } from "zod";

/**
 * A JSON column that is parsed by its schema whenever a row is read. A value that does not fit is undefined: rows come
 * from every version there has been, and from copied folders. Whoever reads decides what then: what is whole without it
 * goes on with nothing there, anything else is left out (`unreadable.ts` counts it).
 *
 * @param name of the column
 * @param schema what must stand in it
 */
export const parsedJson = <T>(name: string, schema: z.ZodType) =>
  customType<{ data: T | undefined; driverData: unknown }>({
    dataType: () => "jsonb",
    toDriver: (value) => JSON.stringify(value),
    fromDriver: (value) => {
      const read = schema.safeParse(value);
      return read.success ? (read.data as T) : undefined;
    },
  })(name);
