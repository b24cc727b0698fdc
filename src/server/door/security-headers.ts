/** Headers that every answer has, and what a page may do. */
export const SECURITY_HEADERS: Readonly<Record<string, string>> = {
  "x-content-type-options": "nosniff",
  "x-frame-options": "DENY",
  // Not "no-referrer": with it a browser hides even from us where a form was sent from.
  "referrer-policy": "same-origin",
  "cross-origin-resource-policy": "same-origin",
  "cross-origin-opener-policy": "same-origin",
  "permissions-policy":
    "accelerometer=(), autoplay=(), camera=(), display-capture=(), geolocation=(), gyroscope=(), magnetometer=(), microphone=(), midi=(), payment=(), usb=(), xr-spatial-tracking=()",
};

/** For what is no page: it loads nothing and stands in nothing. */
export const CLOSED_POLICY = "default-src 'none'; frame-ancestors 'none'; base-uri 'none'; form-action 'none'";

/** For scripts and other files: a worker goes by the policy that its own file comes with, and fetches parts of itself. */
export const FILE_POLICY =
  "default-src 'none'; script-src 'self'; connect-src 'self'; frame-ancestors 'none'; base-uri 'none'; form-action 'none'";

/**
 * The Content-Security-Policy of a page.
 *
 * Styles may stand in attributes: React writes them there when it draws on the server.
 *
 * @param scriptHashes of the few scripts that the framework writes into a page, known when it is built: `sha256-…`
 */
export const pagePolicy = (scriptHashes: readonly string[]): string =>
  [
    "default-src 'none'",
    `script-src ${["'self'", ...scriptHashes.map((hash) => `'${hash}'`)].join(" ")}`,
    "worker-src 'self'",
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data:",
    "font-src 'self'",
    "connect-src 'self'",
    "form-action 'self'",
    "base-uri 'none'",
    "frame-ancestors 'none'",
  ].join("; ");
