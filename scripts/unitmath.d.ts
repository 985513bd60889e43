/** The library's own declarations name no importable module. */
declare module "unitmath/dist/UnitMath.js" {
  interface Measured {
    getNormalizedValue(): number;
  }
  interface Measure {
    (written: string): Measured;
    config(options: { definitions: { skipBuiltIns: boolean; units: Record<string, unknown> } }): Measure;
  }
  const UnitMath: Measure;
  export default UnitMath;
}
