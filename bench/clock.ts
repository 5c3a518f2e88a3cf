/** Median and 95th percentile of `runs` timings of `f`, ms, after a warm-up. */
export function measure(f: () => void, runs = 200): { medianMs: number; p95Ms: number } {
  for (let i = 0; i < Math.min(50, runs); i++) f();
  const times: number[] = [];
  for (let i = 0; i < runs; i++) {
    const started = performance.now();
    f();
    times.push(performance.now() - started);
  }
  times.sort((a, b) => a - b);
  return { medianMs: times[runs >> 1] ?? 0, p95Ms: times[Math.floor(runs * 0.95)] ?? 0 };
}

/** Prints rows as a table with a ratio against the first row. */
export function printTable(title: string, rows: { what: string; medianMs: number; p95Ms: number }[]): void {
  const first = rows[0]?.medianMs ?? 1;
  console.log(
    `\n${title}\n${'what'.padEnd(52)}${'median ms'.padStart(11)}${'p95 ms'.padStart(10)}${'ratio'.padStart(8)}`,
  );
  for (const r of rows)
    console.log(
      `${r.what.padEnd(52)}${r.medianMs.toFixed(3).padStart(11)}${r.p95Ms.toFixed(3).padStart(10)}${(r.medianMs / first).toFixed(2).padStart(8)}`,
    );
}
