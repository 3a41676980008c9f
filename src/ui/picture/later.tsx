"use client";

import { laterAtRest } from "../later";

/** The picture on a plate: loaded once the bench is at rest, and nothing stands there until then. */
export const Where = laterAtRest(async () => (await import("./Where")).Where, null);
