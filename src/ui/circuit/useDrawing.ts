"use client";

import { useEffect, useState } from "react";
import type { Drawing } from "@/core/drawing";

export type DrawingView = { drawing?: Drawing; failed?: string };

/** The drawing of a model's net, from the server, which lays it out. */
export function useDrawing(modelId: string, version: number): DrawingView {
  const key = `${modelId} ${version}`;
  const [got, setGot] = useState<DrawingView & { key: string }>();
  useEffect(() => {
    let current = true;
    void fetch(`/api/models/${modelId}/drawing?version=${version}`)
      .then(async (response) => {
        if (!response.ok) throw new Error(`the server answered ${response.status}`);
        return (await response.json()) as Drawing;
      })
      .then(
        (drawing) => current && setGot({ key, drawing }),
        (error: unknown) =>
          current && setGot({ key, failed: error instanceof Error ? error.message : "the server cannot be reached" }),
      );
    return () => {
      current = false;
    };
  }, [modelId, version, key]);
  return got?.key === key ? got : {};
}
