import { UNITS, type Invoice } from "@/core/invoice";
import { printMinutes } from "@/core/kinds";
import { format, formatMoney } from "@/core/quantity";
import { dayWords } from "@/ui/plan/words";

/** What stands on an invoice. */
export function InvoicePaper({ doc, taxName }: { doc: Invoice; taxName: string }) {
  const money = (minor: number) => formatMoney({ minor, currency: doc.currency });
  const sum = (name: string, minor: number, strong = false) => (
    <tr className={`text-base ${strong ? "font-bold" : ""}`}>
      <th scope="row" colSpan={3} className="py-1 text-right font-[inherit]">
        {name}
      </th>
      <td className="py-1 text-right font-mono whitespace-nowrap">{money(minor)}</td>
    </tr>
  );
  return (
    <div className="flex flex-col gap-3">
      <p>
        To <strong>{doc.buyer.name}</strong>
        {doc.buyer.street ? `, ${doc.buyer.street}` : ""}. Written {dayWords(doc.issued)} {doc.issued.slice(0, 4)},
        handed over {dayWords(doc.delivered)}
        {doc.kind === "invoice" && doc.totalMinor > 0 ? `, to be paid by ${dayWords(doc.due)}` : ""}.{" "}
        {doc.of ? `Takes back invoice ${doc.of.number} of ${dayWords(doc.of.issued)}. ` : ""}
        {doc.note ?? ""}
      </p>
      <table className="table">
        <thead>
          <tr className="text-base text-base-content">
            <th scope="col">What</th>
            <th scope="col" className="text-right">
              How much
            </th>
            <th scope="col" className="text-right">
              Each, before {taxName}
            </th>
            <th scope="col" className="text-right">
              {doc.currency}
            </th>
          </tr>
        </thead>
        <tbody>
          {doc.lines.map((line, index) => (
            <tr key={`${index} ${line.name}`} className="text-base">
              <th scope="row" className="py-1 font-normal">
                {line.name}
                {line.costMinor && line.netMinor === 0 ? (
                  <span className="dim"> · under warranty, cost {money(line.costMinor)}</span>
                ) : null}
              </th>
              <td className="py-1 text-right font-mono">
                {line.unit === "MIN" ? printMinutes(line.quantity) : `${line.quantity} ${UNITS[line.unit]}`}
              </td>
              <td className="py-1 text-right font-mono whitespace-nowrap">
                {money(line.priceMinor)}
                {line.unit === "MIN" ? " an hour" : ""}
              </td>
              <td className="py-1 text-right font-mono whitespace-nowrap">{money(line.netMinor)}</td>
            </tr>
          ))}
          {sum(`Before ${taxName}`, doc.netMinor)}
          {doc.taxes.map((tax) => (
            <tr key={`${tax.category} ${tax.rate}`} className="text-base">
              <th scope="row" colSpan={3} className="py-1 text-right font-normal">
                {taxName} {format(tax.rate, "percent")}
                {tax.reason ? ` (${tax.reason})` : ""}
              </th>
              <td className="py-1 text-right font-mono whitespace-nowrap">{money(tax.taxMinor)}</td>
            </tr>
          ))}
          {sum("Total", doc.totalMinor, true)}
          {doc.paidMinor > 0 ? sum("Paid before", -doc.paidMinor) : null}
        </tbody>
      </table>
    </div>
  );
}
