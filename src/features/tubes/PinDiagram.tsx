import { BASES, electrodeWord, type Pinout } from "@/core/tubes";

const SIZE = 200;
const RADIUS = 62;

/** Where a pin sits, seen from below: clockwise from beside the gap or key, which is at the bottom. */
function placeOf(index: number, count: number, gap: number): [number, number] {
  const step = (2 * Math.PI) / (count + gap);
  const angle = Math.PI / 2 + step * (index + (1 + gap) / 2);
  return [SIZE / 2 + RADIUS * Math.cos(angle), SIZE / 2 + RADIUS * Math.sin(angle)];
}

/** A base seen from below, with what each pin goes to. */
export function PinDiagram({ pinout }: { pinout: Pinout }) {
  const numbered = pinout.pins.filter(({ pin }) => /^\d/.test(pin));
  const others = pinout.pins.filter(({ pin }) => !/^\d/.test(pin));
  // Glass bases have a wider gap instead of a key.
  const gap = ["B7G", "noval"].includes(pinout.base) ? 1 : 0;
  return (
    <figure>
      <svg
        viewBox={`0 0 ${SIZE} ${SIZE}`}
        className="w-full max-w-56"
        role="img"
        aria-label={`Base ${pinout.name}, seen from below`}
      >
        <circle
          cx={SIZE / 2}
          cy={SIZE / 2}
          r={RADIUS + 16}
          fill="none"
          strokeWidth="2"
          className="stroke-base-content"
        />
        <path
          d={`M${SIZE / 2 - 6} ${SIZE / 2 + RADIUS + 16} a6 6 0 0 1 12 0`}
          strokeWidth="2"
          className="fill-base-300 stroke-base-content"
        />
        {numbered.map(({ pin, electrodes }, index) => {
          const [x, y] = placeOf(index, numbered.length, gap);
          return (
            <g key={pin}>
              <circle
                cx={x}
                cy={y}
                r="16"
                className={
                  electrodes.length > 0 ? "fill-base-200 stroke-base-content" : "fill-base-100 stroke-base-300"
                }
              />
              <text
                x={SIZE / 2 + (x - SIZE / 2) * 0.62}
                y={SIZE / 2 + (y - SIZE / 2) * 0.62 + 4}
                textAnchor="middle"
                className="fill-base-content text-[12px]"
              >
                {pin}
              </text>
              <text x={x} y={y + 4} textAnchor="middle" className="fill-base-content font-mono text-[10px] font-bold">
                {electrodes.join(",") || "–"}
              </text>
            </g>
          );
        })}
        {others.map(({ pin, electrodes }, index) => (
          <text
            key={`${pin} ${electrodes.join()}`}
            x={SIZE / 2}
            y={SIZE / 2 + index * 16}
            textAnchor="middle"
            className="fill-base-content text-[12px]"
          >
            {pin}: {electrodes.map(electrodeWord).join(", ")}
          </text>
        ))}
      </svg>
      <figcaption className="dim text-sm">
        {BASES[pinout.base].name}, {pinout.name}, from below
      </figcaption>
    </figure>
  );
}
