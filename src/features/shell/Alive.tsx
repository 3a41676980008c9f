"use client";

import { useEffect } from "react";

/** Tells that the page's scripts run: a form is filled before that for nothing. */
export function Alive() {
  useEffect(() => {
    document.documentElement.dataset.alive = "yes";
  }, []);
  return null;
}
