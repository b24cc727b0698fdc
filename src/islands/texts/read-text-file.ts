type ReadFile = { readonly ok: true; readonly text: string } | { readonly ok: false; readonly message: string };

const refused = (message: string): ReadFile => ({ ok: false, message });

/**
 * A text file as it is put into the editor: plain text only, nothing in it is ever run.
 *
 * @param limit how many letters there may be
 */
export async function readTextFile(file: File, limit: number): Promise<ReadFile> {
  const tooLong = `The file is too long: a text has at most ${limit.toLocaleString("en")} letters. Open it in parts.`;
  const isText = file.type === "" || file.type === "text/plain" || file.type === "text/markdown";
  if (!isText) return refused("Open a plain text file (.txt). From other programs, copy the text and paste it.");
  // A letter has at most four bytes.
  if (file.size > limit * 4) return refused(tooLong);
  const text = (await file.text()).replaceAll("\0", "").replace(/\r\n?/g, "\n");
  return text.length > limit ? refused(tooLong) : { ok: true, text };
}
