import type { Act } from "@/core/practice";
import type { RunView } from "@/server/practice/view";

/** What every panel of the practice bench is given. */
export type PanelProps = { view: RunView; act: (what: Act) => Promise<void>; busy: boolean };
