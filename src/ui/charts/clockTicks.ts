const minute = 60000;
const steps = [1, 2, 5, 10, 15, 30, 60, 120, 240, 480];

/** Round moments of the clock between two others (milliseconds), at most `most` of them. */
export function clockTicks(from: number, to: number, most = 5): number[] {
  const step = (steps.find((each) => (to - from) / (each * minute) <= most - 1) ?? 1440) * minute;
  const first = Math.ceil(from / step) * step;
  return Array.from(
    { length: Math.max(0, Math.floor((to - first) / step) + 1) },
    (_, i) => first + i * step,
  );
}
