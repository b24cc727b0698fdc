import { csvFile, endpoint } from "../../../../server/http/endpoint.ts";
import { sequenceCsv } from "../../../../server/school/sequences.ts";

export const GET = endpoint({
  run: async ({ db, params }) => {
    const { name, csv } = await sequenceCsv(db, params["id"] ?? "");
    return csvFile(name, csv);
  },
});
