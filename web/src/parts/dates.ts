const two = (n: number) => String(n).padStart(2, "0");

/** A local day that sorts as it reads, the same in every country: year, month, day. */
export function day(time: string | Date): string {
  const d = new Date(time);
  return `${d.getFullYear()}-${two(d.getMonth() + 1)}-${two(d.getDate())}`;
}

/** Local hours and minutes, of 24. */
export function hour(time: string | Date): string {
  const d = new Date(time);
  return `${two(d.getHours())}:${two(d.getMinutes())}`;
}

/** Day and minute where the reader is. */
export const when = (time: string | Date): string => `${day(time)} ${hour(time)}`;
