import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { afterPaint } from "./after-paint.ts";

/** Frames come when the test says so. */
let frames: (() => void)[] = [];
const frame = () => {
  for (const paint of frames.splice(0)) paint();
};

beforeEach(() => {
  frames = [];
  vi.useFakeTimers();
  vi.stubGlobal("requestAnimationFrame", (paint: () => void) => frames.push(paint));
  vi.stubGlobal("cancelAnimationFrame", () => {
    frames = [];
  });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe("what is done after a frame", () => {
  it("is done once, when the frame is over and not in it", () => {
    const done = vi.fn();
    afterPaint(done);
    frame();
    expect(done).not.toHaveBeenCalled();
    vi.advanceTimersByTime(1);
    expect(done).toHaveBeenCalledTimes(1);
    vi.advanceTimersByTime(1000);
    expect(done).toHaveBeenCalledTimes(1);
  });

  it("goes on where no frame is painted: a page behind another loses nothing", () => {
    const done = vi.fn();
    afterPaint(done);
    vi.advanceTimersByTime(1000);
    expect(done).toHaveBeenCalledTimes(1);
    frame();
    vi.advanceTimersByTime(1000);
    expect(done).toHaveBeenCalledTimes(1);
  });

  it("called off, it is not done: before the frame, and after it", () => {
    const done = vi.fn();
    afterPaint(done)();
    const off = afterPaint(done);
    frame();
    off();
    vi.advanceTimersByTime(1000);
    expect(done).not.toHaveBeenCalled();
  });
});
