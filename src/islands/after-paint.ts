/** A page that is not looked at paints no frames: what waits for one goes on after so long. */
const WITHOUT_FRAMES_MS = 100;

/** Does it once the next frame is on the screen. @returns calls it off */
export function afterPaint(done: () => void): () => void {
  let behind: ReturnType<typeof setTimeout> | undefined;
  const off = () => {
    cancelAnimationFrame(frame);
    clearTimeout(behind);
    clearTimeout(late);
  };
  const once = () => {
    off();
    done();
  };
  const frame = requestAnimationFrame(() => {
    behind = setTimeout(once);
  });
  const late = setTimeout(once, WITHOUT_FRAMES_MS);
  return off;
}
