"use client";

import { later } from "@/ui/later";

/* Tools behind a tab are loaded when it is opened: two of them bring the table of tubes. */
export const BenchBox = later(async () => (await import("./BenchBox")).BenchBox);
export const HighVoltage = later(async () => (await import("./HighVoltage")).HighVoltage);
export const Levels = later(async () => (await import("./Levels")).Levels);
export const OtherTube = later(async () => (await import("./OtherTube")).OtherTube);
export const Tank = later(async () => (await import("./Tank")).Tank);
