/** Which heights of the trace are read: of the envelope its crest and trough, of the trapezoid its two upright sides. */
export function ModulationDrawing() {
  const wave = Array.from({ length: 91 }, (_, n) => {
    const depth = 0.6 * Math.sin((2 * Math.PI * n) / 45);
    return { x: 20 + n * 2, y: 28 * (1 + depth) };
  });
  const edge = (side: 1 | -1) =>
    wave.map(({ x, y }, n) => `${n === 0 ? "M" : "L"}${x} ${(70 - side * y).toFixed(1)}`).join("");
  const [crest, trough] = [28 * 1.6, 28 * 0.4];
  return (
    <svg
      viewBox="0 0 470 150"
      className="mb-2 w-full max-w-xl"
      role="img"
      aria-label="Envelope: the crest is measured from top to bottom where the trace is highest, the trough where it is lowest. Trapezoid: the longer and the shorter upright side."
    >
      <path d={edge(1)} fill="none" className="stroke-primary" strokeWidth="2.5" />
      <path d={edge(-1)} fill="none" className="stroke-primary" strokeWidth="2.5" />
      <g className="stroke-base-content" strokeWidth="1.5">
        <line x1="42" x2="42" y1={70 - crest} y2={70 + crest} />
        <line x1="88" x2="88" y1={70 - trough} y2={70 + trough} />
      </g>
      <path d="M270 25 L430 56 L430 84 L270 115 Z" fill="none" className="stroke-primary" strokeWidth="2.5" />
      <g className="stroke-base-content" strokeWidth="1.5">
        <line x1="262" x2="262" y1="25" y2="115" />
        <line x1="438" x2="438" y1="56" y2="84" />
      </g>
      <g className="fill-base-content text-[13px]">
        <text x="48" y="74">
          crest
        </text>
        <text x="94" y="74">
          trough
        </text>
        <text x="110" y="143" textAnchor="middle">
          envelope
        </text>
        <text x="256" y="74" textAnchor="end">
          longer
        </text>
        <text x="443" y="60">
          <tspan x="443">shor-</tspan>
          <tspan x="443" dy="14">
            ter
          </tspan>
        </text>
        <text x="350" y="143" textAnchor="middle">
          trapezoid
        </text>
      </g>
    </svg>
  );
}
