import type { Metadata } from "next";
import { may } from "@/core/access";
import { COURSES, MADE_UP_SETS, progressOf } from "@/core/practice";
import { database } from "@/db/client";
import { classExercises, endedBy, runsOf } from "@/db/practice";
import { ClassForm } from "@/features/practice/ClassForm";
import { ClassList } from "@/features/practice/ClassList";
import { CourseList } from "@/features/practice/CourseList";
import { Progress } from "@/features/practice/Progress";
import { RunTable } from "@/features/practice/RunTable";
import { StartForm } from "@/features/practice/StartForm";
import { enter } from "@/server/access/page";
import { choices } from "@/server/practice/sets";
import { Empty } from "@/ui/Empty";

export const metadata: Metadata = { title: "Practice" };

// What is wrong in a course is not sent to the page.
const courses = COURSES.map(({ key, name, about, cases }) => ({
  ...{ key, name, about },
  cases: cases.map(({ set }) => ({ set: MADE_UP_SETS[set]?.nickname ?? MADE_UP_SETS[set]?.designation ?? set })),
}));

export default async function PracticePage() {
  const { person } = await enter("/practice");
  const db = database();
  const teaches = may(person.access, "teach");
  const [sets, runs, ended, classes] = [
    await choices(db),
    await runsOf(db, person.id),
    await endedBy(db, person.id),
    teaches ? await classExercises(db) : [],
  ];
  const progress = progressOf(ended);
  return (
    <main className="flex flex-col gap-6 p-4">
      <div>
        <h1 className="text-2xl font-bold">Practice</h1>
        <p>
          A made-up set with a hidden fault: its owner’s complaint, a meter, eyes and ears, and minutes that count.
          Nothing here stands in the shop’s numbers.
        </p>
      </div>
      <div className="grid items-start gap-6 xl:grid-cols-2">
        <section aria-label="A fault that is drawn" className="flex flex-col gap-2">
          <h2 className="text-xl font-bold">A fault that is drawn</h2>
          <StartForm sets={sets} />
        </section>
        {teaches ? (
          <section aria-label="For a class" className="flex flex-col gap-2">
            <h2 className="text-xl font-bold">For a class</h2>
            <details>
              <summary className="btn btn-outline h-11">Hide a fault for a class</summary>
              <div className="pt-3">
                <ClassForm sets={sets} />
              </div>
            </details>
            <ClassList rows={classes} />
          </section>
        ) : null}
      </div>
      <section aria-label="Courses" className="flex flex-col gap-2">
        <h2 className="text-xl font-bold">Courses</h2>
        <CourseList courses={courses} runs={runs} />
      </section>
      <section aria-label="How you come on" className="flex flex-col gap-2">
        <h2 className="text-xl font-bold">How you come on</h2>
        {runs.length === 0 ? (
          <Empty title="No practice yet.">Begin one above: its end stands here, with what it was.</Empty>
        ) : (
          <>
            {progress.weeks.length > 0 ? <Progress {...progress} /> : null}
            <RunTable runs={runs} />
          </>
        )}
      </section>
    </main>
  );
}
