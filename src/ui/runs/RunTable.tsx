import { figureText, type RunTable as Table } from "@/core/sheets";

/** A run as it was measured: every row with its figures; rows that count for nothing are struck. */
export function RunTable({ table, label }: { table: Table; label: string }) {
  return (
    <div role="region" aria-label={`${label}, its rows`} tabIndex={0} className="overflow-x-auto">
      <table aria-label={label} className="table [&_td]:px-2 [&_td]:py-1 [&_th]:px-2 [&_th]:py-1">
        <thead>
          <tr className="align-bottom text-base text-base-content">
            <th scope="col">Row</th>
            {table.columns.map(({ key, name }) => (
              <th key={key} scope="col" className="text-right whitespace-normal">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {table.rows.map(({ id, label: row, shown, void: reason }) => (
            <tr key={id} className={`text-base ${reason === undefined ? "" : "line-through"}`}>
              <th scope="row" className="whitespace-nowrap">
                {row}
                {reason === undefined ? null : <span className="dim block text-sm font-normal">void: {reason}</span>}
              </th>
              {table.columns.map(({ key }) => {
                const cell = shown.find((one) => one.key === key);
                return (
                  <td key={key} className="text-right font-mono whitespace-nowrap">
                    {cell === undefined
                      ? "–"
                      : cell.value === undefined || cell.quantity === "text"
                        ? cell.text
                        : figureText(cell.value, cell.quantity, cell.unit)}
                    {cell?.verdict === "bad" && cell.limit ? (
                      <span className="block font-sans text-sm text-warning">
                        {cell.limit.sense === "at-most" ? "over" : "under"} {cell.limit.text}
                      </span>
                    ) : null}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
