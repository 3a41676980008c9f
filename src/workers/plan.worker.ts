import { expose } from "comlink";
import { planOf, rescues, type Outlook, type PlanInput, type Rescue } from "@/core/plan";

/** Plans the work of the shop away from the page: some hundred plans are tried, and the best is run some thousand times. */
const api = {
  plan: (input: PlanInput): Outlook => planOf(input).outlook,
  rescue: ({ input, visit }: { input: PlanInput; visit: string }): Rescue[] => rescues(input, planOf(input), visit),
};
export type PlanWorker = typeof api;

expose(api);
