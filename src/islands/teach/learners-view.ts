import type { Display } from "./lesson/displays.ts";

/** Whose the word is: the teacher's, everybody's, a learner's. */
export const TURN_SIGNS = ["my", "together", "your"] as const;
export type TurnSign = (typeof TURN_SIGNS)[number];
export const SIGN_NAME: Readonly<Record<TurnSign, string>> = {
  my: "My turn",
  together: "Together",
  your: "Your turn",
};

/** What the learners' window shows: sent by the teacher's as it changes. No name and no mark is in it. */
export interface ViewState {
  readonly display: Display;
  readonly sign: TurnSign | undefined;
  /** Light letters on a dark ground. */
  readonly dark: boolean;
  /** Index of the item in its activity. */
  readonly item: number;
}

type Message = { readonly kind: "state"; readonly state: ViewState } | { readonly kind: "hello" };

const channelName = (sessionId: string) => `zip-step teach ${sessionId}`;

/** The teacher's side: shows what it is told, and tells it again to a window that has just opened. */
export class ViewSender {
  readonly #channel: BroadcastChannel;
  #last: ViewState | undefined;

  constructor(sessionId: string) {
    this.#channel = new BroadcastChannel(channelName(sessionId));
    this.#channel.onmessage = ({ data }: MessageEvent<Message>) => {
      if (data.kind === "hello" && this.#last) this.#post(this.#last);
    };
  }

  show(state: ViewState): void {
    this.#last = state;
    this.#post(state);
  }

  close(): void {
    this.#channel.close();
  }

  #post(state: ViewState): void {
    this.#channel.postMessage({ kind: "state", state } satisfies Message);
  }
}

/** The learners' side: asks for the state, then follows it. @returns stops following */
export function followTeacher(sessionId: string, onState: (state: ViewState) => void): () => void {
  const channel = new BroadcastChannel(channelName(sessionId));
  channel.onmessage = ({ data }: MessageEvent<Message>) => {
    if (data.kind === "state") onState(data.state);
  };
  channel.postMessage({ kind: "hello" } satisfies Message);
  return () => channel.close();
}
