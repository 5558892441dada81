/** Two to five round numbers from at or below the least to at or above the most. */
export function nice(least: number, most: number): number[] {
  const span = most - least || Math.abs(most) || 1
  const rough = span / 3
  const power = 10 ** Math.floor(Math.log10(rough))
  const step = [1, 2, 5, 10].map((m) => m * power).find((s) => s >= rough) ?? rough
  const from = Math.floor(least / step + 1e-9) * step
  const ticks = [from]
  while (ticks[ticks.length - 1]! < most - 1e-9) ticks.push(from + step * ticks.length)
  return ticks.length > 1 ? ticks : [from, from + step]
}
