import type { Metadata } from "next";
import { Link } from "@/ui/Link";
import QRCode from "qrcode";
import { printMarking } from "@/core/stock";
import { database } from "@/db/client";
import { stockItems } from "@/db/stock";
import { Empty } from "@/ui/Empty";
import { PrintButton } from "@/ui/PrintButton";
import { enter } from "@/server/access/page";

export const metadata: Metadata = { title: "Labels" };

type Props = { searchParams: Promise<{ codes?: string }> };

/** Labels of stock lines, to be printed and cut: what it is, its bin, and its code as text and as a square. */
export default async function LabelsPage({ searchParams }: Props) {
  await enter("/parts/labels");
  const codes = ((await searchParams).codes ?? "").split(",");
  const items = (await stockItems(database())).filter(({ code }) => codes.includes(code));
  const squares = await Promise.all(
    items.map(({ code }) => QRCode.toString(code, { type: "svg", margin: 0, errorCorrectionLevel: "M" })),
  );
  return (
    <main className="p-4">
      <div className="no-print mb-4 flex items-center gap-4">
        <h1 className="text-2xl font-bold">Labels</h1>
        <PrintButton />
        <Link href="/parts" className="link">
          Back to the parts
        </Link>
      </div>
      {items.length === 0 ? <Empty title="No label chosen.">Tick the lines in the parts list first.</Empty> : null}
      <ul className="flex flex-wrap gap-2">
        {items.map((item, index) => (
          <li
            key={item.id}
            className="print-page flex h-24 w-72 items-center gap-3 rounded-box border border-base-content bg-white p-2 text-black"
          >
            <span
              className="h-20 w-20 shrink-0 [&>svg]:h-full [&>svg]:w-full"
              role="img"
              aria-label={`Code ${item.code}`}
              dangerouslySetInnerHTML={{ __html: squares[index] ?? "" }}
            />
            <span className="min-w-0">
              <strong className="block truncate font-mono">{printMarking(item)}</strong>
              <span className="block truncate">
                {item.kind}
                {item.bin ? (
                  <>
                    , bin <strong className="font-mono">{item.bin}</strong>
                  </>
                ) : null}
              </span>
              <span className="block font-mono text-sm">{item.code}</span>
            </span>
          </li>
        ))}
      </ul>
    </main>
  );
}
