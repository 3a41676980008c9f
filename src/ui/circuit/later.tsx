"use client";

import { later } from "../later";

/** The circuit is loaded when a plate asks for it. */
export const Explains = later(async () => (await import("./Explains")).Explains);
