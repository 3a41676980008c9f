import { TriangleAlert, Zap } from "lucide-react";
import type { Hazard } from "@/core/power";

/** What can hurt in this set, always in sight. The details open on touch, focus or click. */
export function HazardStrip({ hazards }: { hazards: readonly Hazard[] }) {
  return (
    <ul aria-label="Hazards of this set" className="flex flex-wrap gap-2">
      {hazards.map((hazard) => (
        <li key={hazard.short}>
          <details className="group relative">
            <summary
              className={`flex min-h-10 cursor-pointer list-none items-center gap-1.5 rounded-field border-2 px-2.5 font-semibold ${
                hazard.level === "danger" ? "border-error text-error" : "border-warning text-warning"
              }`}
            >
              {hazard.level === "danger" ? (
                <Zap size={18} aria-hidden="true" />
              ) : (
                <TriangleAlert size={18} aria-hidden="true" />
              )}
              {hazard.short}
            </summary>
            <p className="absolute z-30 mt-1 w-80 max-w-[80vw] rounded-box border border-base-300 bg-base-100 p-3 shadow-lg">
              {hazard.detail}
            </p>
          </details>
        </li>
      ))}
    </ul>
  );
}
