/**
 * Complete elliptic integral of the second kind E(k), by the arithmetic–geometric mean.
 *
 * @param modulus k (not the parameter k²), 0 ≤ k ≤ 1
 * @returns E(k), from π/2 at 0 to 1 at 1
 * @source Abramowitz and Stegun 17.6.3–17.6.4
 * @example ellipticE(1) // → 1
 */
export function ellipticE(modulus: number): number {
  if (modulus === 1) return 1;
  let a = 1;
  let g = Math.sqrt(1 - modulus * modulus);
  let c = modulus;
  let sum = (c * c) / 2;
  for (let power = 1; Math.abs(c) > 1e-16 && power < 1e6; power *= 2) {
    c = (a - g) / 2;
    const mean = (a + g) / 2;
    g = Math.sqrt(a * g);
    a = mean;
    sum += power * c * c;
  }
  return (Math.PI / (2 * a)) * (1 - sum);
}
