"use client";

import type { Cause, Picture } from "@/core/diagnosis";
import type { FoundOnce } from "@/core/visit";
import { Time } from "@/ui/Time";
import { CauseRow } from "./Causes";
import { percent } from "./words";

type CausesProps = {
  picture: Picture;
  evidenceOf: (id: string) => { n: number; text: string } | undefined;
  onFound: (cause: Cause) => void;
  lastTime: readonly FoundOnce[];
};

const FIRST = 6;

/** The causes by probability, what was found last time on this model, and what is out. */
export function Causes({ picture, evidenceOf, onFound, lastTime }: CausesProps) {
  const { causes, ruledOut, mended, beyond, none } = picture;
  return (
    <section aria-label="Likely causes">
      <h2 className="text-lg font-bold">Likely causes</h2>
      {lastTime.length > 0 ? (
        <p>
          <span className="font-semibold">Last time on this model:</span>{" "}
          {lastTime.slice(-2).map((one, index) => (
            <span key={one.visitId + one.fault}>
              {index > 0 ? "; " : ""}
              {one.cause} (job {one.job}, <Time iso={one.at} as="day" />)
            </span>
          ))}
          .
        </p>
      ) : null}
      <ul>
        {causes.slice(0, FIRST).map((cause) => (
          <CauseRow key={cause.id} cause={cause} evidenceOf={evidenceOf} onFound={onFound} />
        ))}
      </ul>
      <details>
        <summary className="dim flex min-h-10 cursor-pointer items-center">Less likely</summary>
        <ul>
          {causes.slice(FIRST).map((cause) => (
            <CauseRow key={cause.id} cause={cause} evidenceOf={evidenceOf} onFound={onFound} />
          ))}
        </ul>
      </details>
      {beyond > 0.02 ? (
        <p className={beyond > 0.2 ? "font-semibold text-warning" : "dim"}>
          {percent(beyond)} that it is something that is not on the list.
        </p>
      ) : null}
      {none > 0.05 ? <p className="dim">{percent(none)} that nothing is wrong and the results were mistakes.</p> : null}
      <details>
        <summary className="flex min-h-10 cursor-pointer items-center font-semibold">
          Ruled out ({ruledOut.length})
        </summary>
        {ruledOut.length === 0 ? <p className="dim">Nothing yet.</p> : null}
        <ul>
          {ruledOut.map((cause) => (
            <CauseRow key={cause.id} cause={cause} evidenceOf={evidenceOf} was />
          ))}
        </ul>
      </details>
      {mended.length > 0 ? (
        <details>
          <summary className="flex min-h-10 cursor-pointer items-center font-semibold">
            Mended in this visit ({mended.length})
          </summary>
          <p className="dim">How likely each was at fault before it was changed.</p>
          <ul>
            {mended.map((cause) => (
              <CauseRow key={cause.id} cause={cause} evidenceOf={evidenceOf} />
            ))}
          </ul>
        </details>
      ) : null}
    </section>
  );
}
