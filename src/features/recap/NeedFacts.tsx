import { KIND_WORDS, type PlanNeed } from "@/core/components";
import { format } from "@/core/quantity";

/** What has to go in, with where each figure comes from. */
export function NeedFacts({ need }: { need: PlanNeed }) {
  const { quantity, value, window, volts, voltsFrom, watts, wattsFrom, kind, orientation } = need;
  const facts: [string, React.ReactNode][] = [
    ["value", `${format(value, quantity)}, ${format(window[0], quantity)} to ${format(window[1], quantity)}`],
    ...(volts === undefined
      ? []
      : [["rating", `${format(volts, "voltage")} or more: ${voltsFrom ?? ""}`] as [string, string]]),
    ...(watts === undefined
      ? []
      : [["rating", `${format(watts, "power", 2)} or more${wattsFrom ? `: ${wattsFrom}` : ""}`] as [string, string]]),
    ["kind", KIND_WORDS[kind]],
    ...(orientation ? [["orientation", orientation] as [string, string]] : []),
  ];
  return (
    <dl className="grid grid-cols-[6.5rem_1fr] gap-x-2">
      {facts.map(([name, text]) => (
        <div key={name} className="contents">
          <dt className="dim">{name}</dt>
          <dd>{text}</dd>
        </div>
      ))}
    </dl>
  );
}

/** The same in a few words, for a row. */
export function needShort(need: PlanNeed): string {
  const { quantity, window, volts, watts } = need;
  return [
    `${format(window[0], quantity)}–${format(window[1], quantity)}`,
    volts === undefined ? "" : `≥ ${format(volts, "voltage")}`,
    watts === undefined ? "" : `≥ ${format(watts, "power", 2)}`,
    need.mains ? `${need.kind} class` : "",
  ]
    .filter(Boolean)
    .join(", ");
}
