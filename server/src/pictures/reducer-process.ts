/** Most pixels decoded: enough for a camera's picture, and no picture made to fill the memory. */
export const mostPixels = 40_000_000;

/** Exit codes of the process that reduces a picture. */
export const endings = { done: 0, unreadable: 3, "too-large": 4, "too-long": 5 } as const;

/** Limits of the process, as its arguments carry them. */
export interface PictureLimits {
  readonly memoryMb: number;
  readonly timeoutMs: number;
}

export const argumentsOf = ({ memoryMb, timeoutMs }: PictureLimits): string[] => [
  String(memoryMb),
  String(timeoutMs),
];

/** The limits that `argumentsOf` wrote, behind program and script. */
export const limitsFrom = ([, , memoryMb, timeoutMs]: readonly string[]): PictureLimits => ({
  memoryMb: Number(memoryMb),
  timeoutMs: Number(timeoutMs),
});
