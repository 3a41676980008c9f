import { figureText, type Sum } from "@/core/sheets";

/** What a run comes to. */
export function Sums({ sums }: { sums: readonly Sum[] }) {
  if (sums.length === 0) return null;
  return (
    <dl aria-label="What the run comes to" className="my-2 flex flex-wrap gap-x-6 gap-y-1">
      {sums.map(({ name, value, quantity, text }) => (
        <div key={name} className="flex gap-2">
          <dt>{name}:</dt>
          <dd className="font-bold">
            {value === undefined ? text : <span className="font-mono">{figureText(value, quantity ?? "number")}</span>}
          </dd>
        </div>
      ))}
    </dl>
  );
}
