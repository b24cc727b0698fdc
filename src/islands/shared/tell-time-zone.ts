import { call } from "./client.ts";

/** Tells the server where the school is, at the first start: nobody has to choose what the browser knows. */
export async function tellTimeZone(): Promise<void> {
  const said = document.querySelector<HTMLMetaElement>("meta[name=time-zone]");
  if (said?.content !== "") return;
  const { timeZone } = new Intl.DateTimeFormat().resolvedOptions();
  // It is told again by the next page where it could not be stored.
  await call("PUT /api/school/time-zone", { body: { timeZone, onlyIfUnset: true } }).catch(() => undefined);
}
