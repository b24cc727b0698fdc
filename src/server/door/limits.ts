/** What a request may cost before anybody looks at what is in it. */

/** No request of ours comes near this, in bytes; a larger one is a mistake or mischief. */
export const LARGEST_BODY = 256 * 1024;

/** Letters of an address, its query included: the longest of ours carries a set that is not saved. */
export const LONGEST_ADDRESS = 8_000;

/** Milliseconds for the head of a request, and for the whole of it. */
export const HEAD_MS = 10_000;
export const REQUEST_MS = 30_000;

/** A teacher looks up between two marks: a connection stays open so long, or the next mark may meet it as it closes. */
export const KEEP_ALIVE_MS = 55_000;
