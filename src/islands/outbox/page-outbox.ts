import { useSyncExternalStore } from "react";
import { call, RequestError, shownWorkspace } from "../shared/client.ts";
import { leftMarks } from "./left-marks.ts";
import { lastingStore } from "./mark-store.ts";
import { NOTHING_WAITS, Outbox, type OutboxEvents, type OutboxState } from "./outbox.ts";

/** The one outbox of a page: whatever screen it is, marks that wait are sent and counted. */

let state: OutboxState = NOTHING_WAITS;
const watchers = new Set<() => void>();
const listeners = new Set<Pick<OutboxEvents, "onStored" | "onRefused">>();
let outbox: Outbox | undefined;

function changeState(next: OutboxState): void {
  state = next;
  for (const watch of watchers) watch();
}

function open(): Outbox {
  const made = new Outbox(
    {
      workspaceId: shownWorkspace(),
      openStore: lastingStore,
      left: leftMarks(() => localStorage),
      async deliver(response) {
        try {
          const { late } = await call("POST /api/responses", { body: response });
          return { kind: "stored", late: late ?? false };
        } catch (error) {
          if (!(error instanceof RequestError) || error.passing) return { kind: "later" };
          return { kind: "refused", reason: error.message };
        }
      },
      alone: async (run) => {
        if (!("locks" in navigator)) return run();
        await navigator.locks.request("zip-step-outbox", run);
      },
      later(run, ms) {
        const timer = setTimeout(run, ms);
        return () => clearTimeout(timer);
      },
    },
    {
      onState: changeState,
      onStored: (id) => {
        for (const { onStored } of listeners) onStored(id);
      },
      onRefused: (id, reason) => {
        for (const { onRefused } of listeners) onRefused(id, reason);
      },
    },
  );
  addEventListener("online", () => void made.flush());
  addEventListener("pagehide", () => made.leave());
  addEventListener("beforeunload", (event) => {
    // What only this page has would be gone with it.
    if (state.onlyHere > 0) event.preventDefault();
  });
  return made;
}

/** The outbox of this page. */
export function pageOutbox(): Outbox {
  outbox ??= open();
  return outbox;
}

/** Hears of marks that are stored or refused. @returns ends it */
export function listenToOutbox(listener: Pick<OutboxEvents, "onStored" | "onRefused">): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

const watchState = (watch: () => void) => {
  watchers.add(watch);
  return () => watchers.delete(watch);
};

/** What of this browser's marks the server does not have. */
export const useOutboxState = (): OutboxState =>
  useSyncExternalStore(
    watchState,
    () => state,
    () => NOTHING_WAITS,
  );

/** The same, outside of React. */
export const outboxState = (): OutboxState => state;
