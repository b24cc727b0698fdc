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

/** An answer that downloads as a CSV file. */
export const csvFile = (name: string, csv: string): Response => file(name, "csv", "text/csv", csv);
/** An answer that downloads as a calendar file. */
export const calendarFile = (name: string, text: string): Response => file(name, "ics", "text/calendar", text);
