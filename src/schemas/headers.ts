/** Name of the header by which a page says whose records it shows; a server with others open refuses it. */
export const WORKSPACE_HEADER = "x-zip-step-workspace";

/** Name of the header that is the same for one thing asked for twice: what is made is made once. */
export const IDEMPOTENCY_HEADER = "idempotency-key";
