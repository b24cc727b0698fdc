/**
 * When V8 makes code faster that has been run often: later than by default (interrupt budget 67,584, WebAssembly tiering
 * budget 1,800,000; `node --v8-options`). Much of a server is run some hundred times a day, and the database is 9 MB
 * of code of which little is run often: compiling it anew took longer than it saved. Measured on 30 November 2026, median of
 * four, seconds of processor: from a start to the first look at eight screens 9.7 in place of 13.1, after eight more looks
 * at four of them 15.2 in place of 19.7.
 *
 * What of the database is never run is not validated either, and one thread at a time compiles it: a start took 2.3 s of
 * processor in place of 2.7 (1 December 2026, medians of four, in turn), and no longer.
 */
export const ENGINE_FLAGS = [
  "--interrupt-budget=400000",
  "--wasm-tiering-budget=20000000",
  "--wasm-lazy-validation",
  "--wasm-num-compilation-tasks=1",
];
