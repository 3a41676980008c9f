/** Two columns: what is typed, and what it does. */
export function HelpRows({ rows, mono }: { rows: readonly [string, string][]; mono?: boolean }) {
  return (
    <dl
      className={`grid gap-x-5 gap-y-1.5 ${mono ? "md:grid-cols-[minmax(0,11fr)_minmax(0,10fr)]" : "grid-cols-[auto_1fr]"}`}
    >
      {rows.map(([left, right]) => (
        <div key={left} className="contents">
          <dt className={mono ? "font-mono text-[0.95rem] break-words" : "font-semibold"}>{left}</dt>
          <dd className={mono ? "dim mb-2 md:mb-0" : "dim"}>{right}</dd>
        </div>
      ))}
    </dl>
  );
}
