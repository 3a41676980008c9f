"use client";

import { useEffect, useState } from "react";
import type { Drawing } from "@/core/drawing";

export type DrawingView = { drawing?: Drawing; failed?: string };

/** Where the drawing of a model's net is had; another version of the model is another drawing. */
export const drawingOfModel = (modelId: string, version: number): string =>
  `/api/models/${modelId}/drawing?version=${version}`;

/** A drawing from the server, which lays it out. */
export function useDrawing(address: string): DrawingView {
  const [got, setGot] = useState<DrawingView & { address: string }>();
  useEffect(() => {
    let current = true;
    void fetch(address)
      .then(async (response) => {
        if (!response.ok) throw new Error(`the server answered ${response.status}`);
        return (await response.json()) as Drawing;
      })
      .then(
        (drawing) => current && setGot({ address, drawing }),
        (error: unknown) =>
          current &&
          setGot({ address, failed: error instanceof Error ? error.message : "the server cannot be reached" }),
      );
    return () => {
      current = false;
    };
  }, [address]);
  return got?.address === address ? got : {};
}
