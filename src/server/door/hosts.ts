/** Names under which this machine is nobody else's. */
const LOOPBACK = ["127.0.0.1", "localhost", "[::1]"];

/** Where the server listens, whatever it is asked: beyond this machine nobody has signed in. */
export const LISTENS_ON = "127.0.0.1";

/** Environment variable with further names that may be asked for, separated by commas (a name of one's own for 127.0.0.1). */
export const MORE_HOSTS = "ZIP_STEP_HOSTS";

/**
 * The names that are answered: those of this machine, and what the setting adds.
 * @param more value of the setting, names separated by commas
 */
export function allowedHosts(more = process.env[MORE_HOSTS] ?? ""): ReadonlySet<string> {
  const own = more
    .split(",")
    .map((name) => name.trim().toLowerCase())
    .filter((name) => name !== "");
  return new Set([...LOOPBACK, ...own]);
}

/** The name in a Host header or an origin's authority, without its port. @returns undefined for what is none */
export function hostName(authority: string | undefined): string | undefined {
  const found = /^(\[[0-9a-f:.]{2,45}\]|[a-z0-9.-]{1,253})(?::\d{1,5})?$/i.exec(authority ?? "");
  return found?.[1]?.toLowerCase();
}

/** Is this the origin of a page that we have sent? */
export function isOwnOrigin(origin: string, hosts: ReadonlySet<string>): boolean {
  const found = /^https?:\/\/(.+)$/.exec(origin);
  const name = hostName(found?.[1]);
  return name !== undefined && hosts.has(name);
}
