import type { ReactNode } from "react";

/** A column of a table of results. */
export type Column<R> = {
  head: ReactNode;
  cell: (row: R, at: number) => ReactNode;
  /** it names the row */
  names?: boolean;
  /** a figure: to the right, each digit as wide as the next */
  figure?: boolean;
  /** more about the column, for whoever points at its head */
  title?: string;
  className?: string;
};

type ResultTableProps<R> = {
  /** what it is called; without one, the heading above it says so */
  label?: string;
  /** what is no column, because this set has no such thing, is left out */
  columns: readonly (Column<R> | false | undefined)[];
  rows: readonly R[];
  keyOf: (row: R, at: number) => string | number;
  /** more about a row, for whoever points at it */
  titleOf?: (row: R) => string;
  /** many rows in little room */
  tight?: boolean;
  className?: string;
};

const classOf = ({ figure, className = "" }: Column<never>): string =>
  `${figure ? "text-right font-mono whitespace-nowrap" : ""} ${className}`.trim();

/** Results in rows: what was measured, worked out or written down, to be read and not typed into. */
export function ResultTable<R>({
  label,
  columns: given,
  rows,
  keyOf,
  titleOf,
  tight = false,
  className = "",
}: ResultTableProps<R>) {
  const columns = given.filter((column) => column !== false && column !== undefined);
  const room = tight ? "[&_td]:px-2 [&_td]:py-1 [&_th]:px-2 [&_th]:py-1" : "";
  return (
    <table className={`table ${room} ${className}`} aria-label={label}>
      <thead>
        <tr className="text-base text-base-content">
          {columns.map(({ head, title, figure }, at) => (
            <th key={at} scope="col" title={title} className={figure ? "text-right" : undefined}>
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, at) => (
          <tr key={keyOf(row, at)} className="text-base" title={titleOf?.(row)}>
            {columns.map((column, n) =>
              column.names ? (
                <th key={n} scope="row" className={classOf(column)}>
                  {column.cell(row, at)}
                </th>
              ) : (
                <td key={n} className={classOf(column)}>
                  {column.cell(row, at)}
                </td>
              ),
            )}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
