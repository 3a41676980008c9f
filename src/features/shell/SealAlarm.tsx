"use client";

import { ShieldAlert } from "lucide-react";
import { usePathname } from "next/navigation";
import { Link } from "@/ui/Link";

/** Above every page as long as a logbook's seals do not hold: what is read there may not be what was written. */
export function SealAlarm({ broken }: { broken: readonly string[] }) {
  const path = usePathname();
  if (broken.length === 0) return null;
  const here = broken.some((id) => path.includes(id));
  return (
    <p
      role="alert"
      className="flex flex-wrap items-center gap-2 border-b-4 border-error bg-base-100 px-4 py-2 font-bold text-error"
    >
      <ShieldAlert size={22} aria-hidden="true" />
      <span>
        {here
          ? "This logbook was changed from outside, or damaged: what it says may not be what was written."
          : `${broken.length === 1 ? "A logbook was" : `${broken.length} logbooks were`} changed from outside, or damaged.`}
      </span>
      <Link href="/shop#seals" className="link">
        What was found
      </Link>
    </p>
  );
}
