/** How a word is shown: closed teeth are sounds already tapped. */
export interface WordStage {
  readonly closed: number;
  /** Run together: the zip is shut and the letters stand close. */
  readonly blended: boolean;
}

export const OPEN: WordStage = { closed: 0, blended: false };

/** One tap further: the next sound, then blended; undefined when the word is done. */
export function tapOn(stage: WordStage, units: number): WordStage | undefined {
  if (stage.blended) return undefined;
  if (stage.closed < units) return { closed: stage.closed + 1, blended: false };
  return { closed: units, blended: true };
}

/** One tap back; undefined at the beginning. */
export function tapBack(stage: WordStage): WordStage | undefined {
  if (stage.blended) return { ...stage, blended: false };
  return stage.closed > 0 ? { closed: stage.closed - 1, blended: false } : undefined;
}
