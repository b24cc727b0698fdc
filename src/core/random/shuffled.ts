/** A list in another order, every order as likely (Fisher and Yates). @param random 0 up to 1 */
export function shuffled<T>(list: readonly T[], random: () => number): T[] {
  const out = [...list];
  for (let k = out.length - 1; k > 0; k--) {
    const other = Math.floor(random() * (k + 1));
    [out[k], out[other]] = [out[other] as T, out[k] as T];
  }
  return out;
}
