/** The library's own declarations are in another package. */
declare module "@sinonjs/fake-timers" {
  export interface Clock {
    tickAsync(ms: number): Promise<number>;
    uninstall(): void;
  }
  const FakeTimers: { install(options?: { shouldAdvanceTime?: boolean; toFake?: string[] }): Clock };
  export default FakeTimers;
}
