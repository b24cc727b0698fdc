import type { APIRoute } from "astro";

/** In place of the framework's endpoint that makes pictures anew: there is nothing at its address. */
export const GET: APIRoute = () => new Response("There is nothing at this address.", { status: 404 });
