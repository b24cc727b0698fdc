import type { PGlite } from "@electric-sql/pglite";

/**
 * Sends each question to the database in one piece.
 *
 * The client sends six, and waits for the answer to each: parse, describe, bind, describe, execute, sync. What a text asks
 * for and answers with is the same each time, and the server asks some two hundred texts over and over: from the second
 * time on it is not described again, and all that is left goes as one. What the client makes of the answers, and what of
 * a parameter, stays its own. Source: PostgreSQL, Frontend/Backend Protocol, Extended Query and Message Formats.
 *
 * A text is not kept prepared in the database: it would be planned for tables as they once were, which may have grown a
 * thousandfold since, or, planned anew each time, be no quicker.
 */

/** Letters by which a message says what it is. */
const PARSE = 0x50;
const DESCRIBE = 0x44;
const EXECUTE = 0x45;
const SYNC = 0x53;
const SIMPLE_QUERY = 0x51;
/** What is described is a statement, no portal. */
const STATEMENT = 0x53;

/** Bytes before what a message says: its letter, and how long it is. */
const HEAD = 5;
/** A sync: it says nothing beyond its letter. */
const END = Uint8Array.of(SYNC, 0, 0, 0, 4);
/** Texts of which is known what they answer with; of lists of any length there are more than that. */
const MOST = 500;

type Send = PGlite["execProtocolStream"];
type Answers = Awaited<ReturnType<Send>>;

/** The question that is being sent: the client sends one after the other. */
interface Asked {
  readonly text: string;
  /** Pieces that wait for the one that is executed. */
  readonly held: Uint8Array[];
}

const NOTHING: Answers = [];

/** Has a client send its questions so. The database must not be given other tables after this. */
export function askInOne(client: PGlite): void {
  const send: Send = client.execProtocolStream.bind(client);
  /** What the database said of the parameters and columns of a text. */
  const described = new Map<string, Answers>();
  let asked: Asked | undefined;
  /** Was the end of the question sent with it? The client sends one as well. */
  let hasEnded = false;

  const describe = async ({ text, held }: Asked, sent: Uint8Array, options: Parameters<Send>[1]): Promise<Answers> => {
    const known = described.get(text);
    if (known) return sent[HEAD] === STATEMENT ? known : known.filter(({ name }) => name === "rowDescription");
    const answers = await send(Buffer.concat([...held.splice(0), sent]), options);
    if (described.size >= MOST) described.delete(described.keys().next().value as string);
    described.set(text, answers);
    return answers;
  };

  client.execProtocolStream = async (sent, options) => {
    if (sent[0] === PARSE) {
      asked = { text: Buffer.from(sent.buffer, sent.byteOffset, sent.byteLength).toString("latin1"), held: [sent] };
      hasEnded = false;
      return NOTHING;
    }
    if (sent[0] === SYNC && hasEnded) {
      hasEnded = false;
      return NOTHING;
    }
    if (!asked || sent[0] === SYNC) {
      // Also of one that was given up before it was executed, for a parameter, say, that cannot be written.
      asked = undefined;
      // A plain text ends itself.
      hasEnded = sent[0] === SIMPLE_QUERY;
      return send(sent, options);
    }
    if (sent[0] === DESCRIBE) return describe(asked, sent, options);
    asked.held.push(sent);
    if (sent[0] !== EXECUTE) return NOTHING;
    const { held } = asked;
    asked = undefined;
    hasEnded = true;
    return send(Buffer.concat([...held, END]), options);
  };
}
