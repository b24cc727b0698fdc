import Papa from "papaparse";

/** A file for the browser to keep, named after what is in it. */
function file(name: string, ending: string, type: string, text: string): Response {
  const plain =
    name
      .normalize("NFKD")
      .replace(/[^\w -]/g, "")
      .trim()
      .replace(/\s+/g, "-")
      .toLowerCase() || "zip-step";
  return new Response(text, {
    headers: {
      "content-type": `${type}; charset=utf-8`,
      "content-disposition": `attachment; filename="${plain}.${ending}"`,
    },
  });
}

/** An answer that downloads as a file of bytes, under the name it has on the disk. */
export const bytesFile = (name: string, bytes: Uint8Array<ArrayBuffer>): Response =>
  new Response(bytes, {
    headers: {
      "content-type": "application/octet-stream",
      "content-disposition": `attachment; filename="${name.replace(/[^\w.-]/g, "")}"`,
    },
  });

/** The mark by which a spreadsheet knows that a file is UTF-8. */
const BYTE_ORDER_MARK = "\uFEFF";

/** What a spreadsheet would take for a formula. */
const FORMULA = /^[=+\-@\t\r]/;

/**
 * An answer that downloads as a CSV file (RFC 4180). A cell that a spreadsheet would run as a formula begins with an
 * apostrophe, which `withoutGuard` takes off again.
 *
 * @param rows cells by line, the header first
 */
export const csvFile = (name: string, rows: readonly (readonly unknown[])[]): Response =>
  file(
    name,
    "csv",
    "text/csv",
    `${BYTE_ORDER_MARK}${Papa.unparse(rows as unknown[][], { escapeFormulae: FORMULA })}\r\n`,
  );

/** An answer that downloads as a text file. */
export const plainFile = (name: string, text: string): Response => file(name, "txt", "text/plain", text);

/** An answer that downloads as a JSON file, laid out to be read. */
export const jsonFile = (name: string, value: unknown): Response =>
  file(name, "json", "application/json", `${JSON.stringify(value, null, 2)}\n`);

/** A cell as it was before `csvFile` guarded it. */
export const withoutGuard = (cell: string): string =>
  cell.startsWith("'") && FORMULA.test(cell.slice(1)) ? cell.slice(1) : cell;

/** A text as the value of a property of a calendar file (RFC 5545, 3.3.11), for where the package takes it as it is. */
export const calendarText = (text: string): string => text.replace(/[\\;,]/g, "\\$&").replace(/\r\n|[\n\r]/g, "\\n");

/** An answer that downloads as a calendar file. */
export const calendarFile = (name: string, text: string): Response => file(name, "ics", "text/calendar", text);
