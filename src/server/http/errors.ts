/** Every error the application itself raises: what happened, and what to do next. */
const CATALOGUE = {
  "not-json": { status: 400, hint: "Send the request as JSON with the header content-type: application/json." },
  invalid: { status: 400, hint: "Mend the fields named and send it again; nothing was stored." },
  "too-large": { status: 413, hint: "Send less at once; nothing was stored." },
  "not-found": { status: 404, hint: "Go back to Today and choose again: it may have been removed." },
  unreadable: {
    status: 422,
    hint: "It is kept as it is. Go back and choose another; a backup from before may hold it whole (Settings, Backups).",
  },
  "wrong-host": {
    status: 421,
    hint: "Open the address that it printed when it was started; further names are a setting: ZIP_STEP_HOSTS=name npm start",
  },
  "foreign-origin": { status: 403, hint: "Open Zip Step itself and do it there; nothing was stored." },
  "address-too-long": { status: 414, hint: "Go back to Today and choose again." },
  "wrong-method": { status: 405, hint: "Call it with one of the methods named; nothing was stored." },
  conflict: { status: 409, hint: "Reload the page to see what is stored, then try again." },
  "lesson-over": {
    status: 409,
    hint: "Open the lesson, press Go on with it, and mark it there.",
  },
  "folder-in-use": {
    status: 503,
    hint: "Stop the other Zip Step first, or give this one its own folder: ZIP_STEP_DATA=./data/other npm start",
  },
  "folder-damaged": {
    status: 503,
    hint: "Keep a copy of the folder, then start with a backup of it or with a new one: ZIP_STEP_DATA=./data/new npm start",
  },
  "folder-not-ours": {
    status: 503,
    hint: "Nothing in it was touched. Name a folder of Zip Step's own, or an empty one: ZIP_STEP_DATA=./data/new npm start",
  },
  "folder-unusable": {
    status: 503,
    hint: "Let this user write to it, or name another folder: ZIP_STEP_DATA=./data/other npm start",
  },
  "disk-full": {
    status: 507,
    hint: "Make room on that disk. Go on marking: marks are kept in this browser and stored as soon as there is room.",
  },
  "backup-damaged": {
    status: 422,
    hint: "Nothing was changed. Choose another backup; keep this file in case somebody can mend it.",
  },
  stopped: { status: 409, hint: "Nothing was changed. Start it again when it suits." },
  "other-folder": {
    status: 409,
    hint: "Load the page anew. Marks made on it are kept in this browser and stored when Zip Step runs with that folder again.",
  },
  internal: {
    status: 500,
    hint: "Try again; if it happens again, restart Zip Step. Marks on this screen are kept until they are stored.",
  },
} as const;

export type ErrorCode = keyof typeof CATALOGUE;

/** An error a person can act on. Messages never hold a learner's name. */
export class AppError extends Error {
  readonly code: ErrorCode;
  /** What is wrong, field by field, for "invalid". */
  readonly fields: readonly { readonly field: string; readonly message: string }[];

  constructor(code: ErrorCode, message: string, fields: AppError["fields"] = []) {
    super(message);
    this.name = "AppError";
    this.code = code;
    this.fields = fields;
  }

  get status(): number {
    return CATALOGUE[this.code].status;
  }

  get hint(): string {
    return CATALOGUE[this.code].hint;
  }
}

/**
 * The error for a row that is stored but holds what this version cannot read.
 * @param what what was to be opened, as the message names it
 */
export function unreadable(what: string): AppError {
  return new AppError("unreadable", `This ${what} cannot be read.`);
}

/**
 * The error for something that is not stored, or no longer.
 * @param what what was looked for, as the message names it
 */
export function notFound(what: string): AppError {
  return new AppError("not-found", `There is no such ${what}.`);
}
