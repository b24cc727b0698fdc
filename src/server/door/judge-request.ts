import type { IncomingHttpHeaders } from "node:http";
import type { ErrorCode } from "../http/errors.ts";
import { hostName, isOwnOrigin } from "./hosts.ts";
import { LARGEST_BODY, LONGEST_ADDRESS } from "./limits.ts";

/** The head of a request, as it stands on the wire. */
export interface RequestHead {
  readonly method: string;
  /** Path and query. */
  readonly url: string;
  readonly headers: IncomingHttpHeaders;
}

export interface Refusal {
  readonly code: ErrorCode;
  readonly message: string;
}

const READS = new Set(["GET", "HEAD"]);
const WRITES = new Set(["POST", "PUT", "PATCH", "DELETE"]);
/** Where a browser says that the request comes from, as far as it is ours. `none`: somebody typed the address. */
const OWN_SITES = new Set(["same-origin", "none"]);

/**
 * Looks at the head of a request before anything is read or done for it.
 *
 * @param hosts names that are answered (`allowedHosts`)
 * @returns why it is refused, or undefined
 */
export function judgeRequest(head: RequestHead, hosts: ReadonlySet<string>): Refusal | undefined {
  return (
    judgeHost(head, hosts) ?? judgeAddress(head) ?? judgeMethod(head) ?? judgeOrigin(head, hosts) ?? judgeBody(head)
  );
}

/** A foreign name that leads to this machine is how a page on the internet would read what is here. */
function judgeHost({ headers }: RequestHead, hosts: ReadonlySet<string>): Refusal | undefined {
  const name = hostName(headers.host);
  if (name !== undefined && hosts.has(name)) return undefined;
  return {
    code: "wrong-host",
    message: "Zip Step is not to be had under this name.",
  };
}

function judgeAddress({ url }: RequestHead): Refusal | undefined {
  if (url.length > LONGEST_ADDRESS) return { code: "address-too-long", message: "That address is too long." };
  const bad: Refusal = { code: "invalid", message: "That address holds signs that stand for nothing." };
  if (!url.startsWith("/") || url.startsWith("//") || /%00/.test(url)) return bad;
  try {
    decodeURIComponent(url.split("?", 1)[0] as string);
  } catch {
    return bad;
  }
  return undefined;
}

function judgeMethod({ method, url }: RequestHead): Refusal | undefined {
  if (READS.has(method)) return undefined;
  if (WRITES.has(method) && url.startsWith("/api/")) return undefined;
  return { code: "wrong-method", message: "That cannot be done at this address." };
}

/**
 * What another site's page asks for in our visitor's name is not answered: nothing is written for it, and nothing of
 * ours is shown within it. It may link to us. Programs that are no browser send neither header.
 */
function judgeOrigin({ method, headers }: RequestHead, hosts: ReadonlySet<string>): Refusal | undefined {
  const foreign: Refusal = { code: "foreign-origin", message: "Another site's page has asked for this." };
  const site = headers["sec-fetch-site"];
  const isFromElsewhere = typeof site === "string" && !OWN_SITES.has(site);
  if (READS.has(method)) {
    const isLink = headers["sec-fetch-mode"] === "navigate" && headers["sec-fetch-dest"] === "document";
    return isFromElsewhere && !isLink ? foreign : undefined;
  }
  const { origin } = headers;
  if (isFromElsewhere || (origin !== undefined && !isOwnOrigin(origin, hosts))) return foreign;
  return undefined;
}

/** By what the head says of the body: what it does not say is counted as it comes in. */
function judgeBody({ method, headers }: RequestHead): Refusal | undefined {
  const length = headers["content-length"];
  const hasBody = headers["transfer-encoding"] !== undefined || (length !== undefined && length !== "0");
  if (!hasBody) return undefined;
  if (READS.has(method)) return { code: "invalid", message: "A request that reads has no body." };
  if (Number(length ?? 0) > LARGEST_BODY)
    return { code: "too-large", message: `A request has at most ${LARGEST_BODY / 1024} KiB.` };
  if (!/^application\/json(?:;|$)/i.test(headers["content-type"] ?? ""))
    return { code: "not-json", message: "The request does not say that it is JSON." };
  return undefined;
}
