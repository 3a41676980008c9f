/** How far the bar reaches to either side of 1, as a ratio. */
const REACH = 2;

/**
 * A ratio as a small bar around 1, the tolerance band behind it. Twice and half lie at the ends; what is farther out is
 * drawn at the end with an arrow's notch. The figure stands beside it, so the bar itself is not read aloud.
 */
export function RatioBar({ ratio, tolerance, out }: { ratio: number; tolerance: number; out: boolean }) {
  const width = 88;
  const middle = width / 2;
  const at = (value: number) => middle + (Math.log(Math.max(value, 0.01)) / Math.log(REACH)) * middle;
  const clamp = (x: number) => Math.min(width - 2, Math.max(2, x));
  const x = clamp(at(ratio));
  const low = clamp(at(Math.max(1 - tolerance, 0.01)));
  const high = clamp(at(1 + tolerance));
  const beyond = ratio > REACH || ratio < 1 / REACH;
  return (
    <svg width={width} height="14" viewBox={`0 0 ${width} 14`} aria-hidden="true" className="shrink-0">
      <rect x={low} y="2" width={high - low} height="10" rx="2" className="fill-base-300" />
      <line x1={middle} x2={middle} y1="1" y2="13" className="stroke-base-content" strokeWidth="1.5" />
      <rect
        x={Math.min(middle, x)}
        y="5"
        width={Math.max(1.5, Math.abs(x - middle))}
        height="4"
        className={out ? "fill-warning" : "fill-success"}
      />
      {beyond ? (
        <path d={ratio > 1 ? `M${width - 8} 1l6 6-6 6z` : "M8 1L2 7l6 6z"} className="fill-warning" />
      ) : (
        <circle cx={x} cy="7" r="3" className={out ? "fill-warning" : "fill-success"} />
      )}
    </svg>
  );
}
