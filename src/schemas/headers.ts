/** Name of the header by which a page says whose records it shows; a server with others open refuses it. */
export const WORKSPACE_HEADER = "x-zip-step-workspace";
