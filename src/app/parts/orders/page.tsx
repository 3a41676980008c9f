import type { Metadata } from "next";
import { printMarking } from "@/core/stock";
import { database } from "@/db/client";
import { ordersIn, tubesToTest } from "@/db/orders";
import { stockItems } from "@/db/stock";
import { OnOrder } from "@/features/parts/orders/OnOrder";
import { ToOrder } from "@/features/parts/orders/ToOrder";
import { enter } from "@/server/access/page";
import { toOrder } from "@/server/orders/to-order";
import { Link } from "@/ui/Link";

export const metadata: Metadata = { title: "Orders" };

export default async function OrdersPage({ searchParams }: { searchParams: Promise<{ job?: string | string[] }> }) {
  await enter("/parts/orders");
  const { job } = await searchParams;
  const one = typeof job === "string" && /^\d{1,9}$/.test(job) ? Number(job) : undefined;
  const db = database();
  const now = new Date().toISOString();
  const [lacks, open, closed, tubes, stock] = [
    await toOrder(db, now),
    await ordersIn(db, "open"),
    await ordersIn(db, "closed"),
    await tubesToTest(db),
    await stockItems(db),
  ];
  // Where the same article lies already: what comes goes there as a rule.
  const binOf = new Map(stock.filter(({ bin }) => bin).map((item) => [`${item.kind} ${printMarking(item)}`, item.bin]));
  const bins = open
    .flatMap(({ lines }) => lines)
    .flatMap((line): [string, string][] => {
      const bin = binOf.get(`${line.kind} ${printMarking(line)}`);
      return bin ? [[line.id, bin]] : [];
    });
  const today = now.slice(0, 10);
  return (
    <main className="flex w-full flex-col gap-3 p-4">
      <div className="flex flex-wrap items-baseline gap-4">
        <h1 className="text-2xl font-bold">Orders</h1>
        <Link href="/parts" className="link">
          To the parts
        </Link>
        <Link href="/parts/prices" className="link">
          Suppliers and price lists
        </Link>
        {one === undefined ? null : (
          <span>
            What job {one} lacks.{" "}
            <Link href="/parts/orders" className="link">
              All that the shop lacks
            </Link>
          </span>
        )}
      </div>
      <div className="grid items-start gap-6 lg:grid-cols-[3fr_2fr]">
        <ToOrder key={one ?? "all"} {...lacks} today={today} job={one} />
        <OnOrder open={open} closed={closed} tubes={tubes} bins={bins} today={today} />
      </div>
    </main>
  );
}
