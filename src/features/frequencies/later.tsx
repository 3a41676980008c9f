"use client";

import { later } from "@/ui/later";

/* Tools behind a tab are loaded when it is opened. */
export const Crystals = later(async () => (await import("./Crystals")).Crystals);
export const FrequencyPlan = later(async () => (await import("./FrequencyPlan")).FrequencyPlan);
export const LoopChange = later(async () => (await import("./LoopChange")).LoopChange);
export const TrackingDesign = later(async () => (await import("./TrackingDesign")).TrackingDesign);
