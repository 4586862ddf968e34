const perHour = 60;

/** Minutes as a person says them: "about 2 h 20 min". */
export function duration(minutes: number): string {
  const [hours, rest] = [Math.floor(minutes / perHour), Math.round(minutes % perHour)];
  return `about ${hours > 0 ? `${String(hours)} h ` : ''}${rest > 0 || hours === 0 ? `${String(rest)} min` : ''}`.trim();
}
