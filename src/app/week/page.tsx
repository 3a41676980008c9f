import type { Metadata } from "next";
import { may } from "@/core/access";
import { database } from "@/db/client";
import { planFacts } from "@/db/plan";
import { Week } from "@/features/week/Week";
import { enter } from "@/server/access/page";
import { Link } from "@/ui/Link";

export const metadata: Metadata = { title: "Week" };

const VIEWS = ["people", "sets", "day"] as const;

export default async function WeekPage({ searchParams }: { searchParams: Promise<{ view?: string | string[] }> }) {
  const { person } = await enter("/week");
  const { view } = await searchParams;
  const facts = await planFacts(database());
  return (
    <main className="flex flex-col gap-3 p-4">
      <div className="flex items-baseline gap-4">
        <h1 className="text-2xl font-bold">Week</h1>
        <Link href="/week/people" className="link">
          Who is here when, and what the plan goes by
        </Link>
      </div>
      <Week
        facts={facts}
        me={{
          id: person.id,
          mayPlan: may(person.access, "plan"),
          mayPromise: may(person.access, "write"),
          mayTake: may(person.access, "bench"),
        }}
        view={VIEWS.find((one) => one === view) ?? "people"}
      />
    </main>
  );
}
