import type { Metadata } from "next";
import { database } from "@/db/client";
import { awayFrom, workers, yesterday } from "@/db/plan";
import { planRules } from "@/db/shop";
import { AwayList } from "@/features/week/AwayList";
import { RulesForm } from "@/features/week/RulesForm";
import { WorkerForm } from "@/features/week/WorkerForm";
import { enter } from "@/server/access/page";
import { Link } from "@/ui/Link";

export const metadata: Metadata = { title: "Who is here when" };

export default async function WorkersPage() {
  await enter("/week/people");
  const db = database();
  const [staff, days, plan] = [await workers(db), await awayFrom(db, yesterday()), await planRules(db)];
  return (
    <main className="mx-auto flex w-full max-w-6xl flex-col gap-4 p-4">
      <div className="flex items-baseline gap-4">
        <h1 className="text-2xl font-bold">Who is here when</h1>
        <Link href="/week" className="link">
          To the week
        </Link>
      </div>
      <h2 className="text-xl font-bold">Days away</h2>
      <AwayList away={days} people={staff} />
      <h2 className="text-xl font-bold">Hours, and who can do what</h2>
      <ul className="flex flex-col gap-3">
        {staff.map((one) => (
          <WorkerForm key={`${one.id} ${one.version}`} person={one} />
        ))}
      </ul>
      <h2 className="text-xl font-bold">What the plan goes by</h2>
      <RulesForm rules={plan.rules} version={plan.version} />
    </main>
  );
}
