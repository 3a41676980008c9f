"use client";

import { useSyncExternalStore } from "react";
import type { Zone } from "./dates";

const never = () => () => {};

/**
 * The zone to write times in: UTC on the server and while the page comes to life, so that both write the same, then
 * the reader's own.
 */
export const useZone = (): Zone =>
  useSyncExternalStore<Zone>(
    never,
    () => "local",
    () => "utc",
  );
