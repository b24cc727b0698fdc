/** `"7½ minutes"`. @param minutes minutes, in steps of a half */
export function minutesText(minutes: number): string {
  const whole = Math.floor(minutes);
  const half = minutes - whole >= 0.25 ? "½" : "";
  const number = whole === 0 && half ? half : `${whole}${half}`;
  return `${number} ${minutes <= 1 ? "minute" : "minutes"}`;
}
