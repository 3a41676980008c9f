"use client";

import { ActButton } from "@/ui/ActButton";
import { useOpen } from "@/ui/useOpen";
import { closeForAll, startPractice } from "./actions";

/** Begins what a teacher has set, or goes on with it. */
export function JoinButton({ exercise, words }: { exercise: string; words: string }) {
  const { open, opening } = useOpen();
  return (
    <>
      <ActButton
        asks="start practice"
        className="btn btn-primary h-12 text-lg"
        act={async () => {
          const answer = await startPractice({ exercise });
          if (answer.ok) open(`/practice/${answer.run}`);
          return answer;
        }}
      >
        {words}
      </ActButton>
      {opening}
    </>
  );
}

/** Nobody begins it any more. */
export const CloseButton = ({ exercise }: { exercise: string }) => (
  <ActButton asks="close exercise" act={() => closeForAll(exercise)}>
    Close it: nobody begins any more
  </ActButton>
);
