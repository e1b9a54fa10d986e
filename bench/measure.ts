/** Median time of several runs in ms, after one that warms up. */
export async function time(runs: number, work: () => unknown): Promise<number> {
  await work();
  const times: number[] = [];
  for (let i = 0; i < runs; i++) {
    const start = performance.now();
    await work();
    times.push(performance.now() - start);
  }
  return times.sort((a, b) => a - b)[runs >> 1]!;
}

/** One line of the report. */
export function report(what: string, figure: string, ratio?: string): void {
  console.log(`${what.padEnd(58)} ${figure.padEnd(26)} ${ratio ?? ''}`);
}

/** A ratio with two figures. */
export function times(a: number, b: number): string {
  return `${(a / b).toPrecision(2)} x`;
}
