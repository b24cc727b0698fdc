import { csvFile, endpoint } from "../../../../server/http.ts";
import { sequenceCsv } from "../../../../server/sequences.ts";

export const GET = endpoint({
  run: async ({ db, params }) => {
    const { name, csv } = await sequenceCsv(db, params["id"] ?? "");
    return csvFile(name, csv);
  },
});
