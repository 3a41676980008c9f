import { formatPart } from "@/core/quantity";
import { chartRows } from "@/core/visit";
import { drawnSpec, type Model } from "@/core/model";
import { ValueText } from "@/ui/ValueText";

const Head = ({ names }: { names: string[] }) => (
  <thead>
    <tr className="text-base text-base-content">
      {names.map((name) => (
        <th key={name} scope="col">
          {name}
        </th>
      ))}
    </tr>
  </thead>
);

/** The model's sheet: tubes, chart and components, with each drawn value as it is understood. */
export function SheetTables({ model }: { model: Model }) {
  const { sheet } = model;
  return (
    <div className="grid items-start gap-5 xl:grid-cols-[1fr_1.4fr]">
      <div className="flex flex-col gap-5">
        <section>
          <h2 className="text-lg font-bold">Tubes and transistors</h2>
          {sheet.tubes.length === 0 ? <p className="dim">None entered.</p> : null}
          <table className="table" hidden={sheet.tubes.length === 0}>
            <Head names={["Position", "Type", "Work"]} />
            <tbody>
              {sheet.tubes.map((tube) => (
                <tr key={tube.position} className="text-base">
                  <th scope="row" className="py-1 font-mono">
                    {tube.position}
                  </th>
                  <td className="py-1 font-mono">{tube.type}</td>
                  <td className="py-1">{tube.work}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
        <section>
          <h2 className="text-lg font-bold">Chart</h2>
          {sheet.points.length === 0 ? (
            <p className="dim">None entered: readings carry their own expectation.</p>
          ) : null}
          <table className="table" hidden={sheet.points.length === 0}>
            <Head names={["Point", "Expected", "Tolerance", "With the line"]} />
            <tbody>
              {chartRows(sheet, model.year).map((row) => (
                <tr key={row.point} className="text-base">
                  <th scope="row" className="py-1">
                    {row.point}
                  </th>
                  <td className="py-1">
                    {row.expected ? <ValueText value={row.expected.value} quantity={row.quantity} /> : "–"}
                  </td>
                  <td className="py-1">
                    {row.expected ? <ValueText value={row.expected.tolerance} quantity="percent" /> : "–"}
                  </td>
                  <td className="py-1">{row.expected?.lineVolts ? `at ${row.expected.lineVolts} V` : "no"}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      </div>
      <section>
        <h2 className="text-lg font-bold">Components</h2>
        {sheet.components.length === 0 ? (
          <p className="dim">None entered: a designator is taken as it is typed.</p>
        ) : null}
        <table className="table" hidden={sheet.components.length === 0}>
          <Head names={["Part", "As drawn", "Understood as", "Role", "Stage"]} />
          <tbody>
            {sheet.components.map((component) => {
              const spec = drawnSpec(sheet, component);
              return (
                <tr key={component.designator} className="text-base">
                  <th scope="row" className="py-1 font-mono">
                    {component.designator}
                  </th>
                  <td className="py-1 font-mono">{component.drawn}</td>
                  <td className="py-1 font-mono">
                    {spec ? formatPart(spec) : <span className="text-warning">not clear</span>}
                  </td>
                  <td className="py-1">{component.role.replaceAll("-", " ")}</td>
                  <td className="dim py-1">{component.stage ?? "–"}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </section>
    </div>
  );
}
