"use client";

import type { Cause } from "@/core/diagnosis";
import type { ContentOf } from "@/core/kinds";
import { Form, FormEnd, TextField, useForm, type Problems } from "@/ui/form";
import { LineHint } from "@/ui/LineHint";
import { saying, useLogbook, useLineOf } from "@/ui/logbook";

/** Confirms a cause: in words, with the entries that show it. */
export function FoundForm({ cause, onDone }: { cause: Cause; onDone: () => void }) {
  const { append } = useLogbook();
  const lineOf = useLineOf();
  const evidence = [...new Set(cause.for.map(({ id }) => id))].slice(0, 20);
  const contentOf = (words: string): ContentOf<"finding"> => ({
    kind: "finding",
    payload: { v: 1, fault: cause.id, cause: words.trim(), state: "found", evidence, work: [], gone: [] },
  });
  const form = useForm({
    initial: { words: cause.name },
    check: ({ words }): Problems => (words.trim() ? {} : { words: "Say what the cause is." }),
    save: async ({ words }) => {
      const answer = saying(await append(contentOf(words)));
      if (answer.ok) onDone();
      return answer;
    },
  });
  return (
    <Form form={form} label="The cause" className="flex flex-col gap-2 rounded-box border-2 border-primary p-3">
      {/* The form opens above what was pressed: the focus brings it into view, ready to type. */}
      <TextField
        label="The cause, and how it was shown"
        hint={`${evidence.length} entries speak for it and go along.`}
        inputClass="w-full scroll-mt-24"
        autoFocus
        {...form.field("words")}
      />
      <FormEnd form={form} save="Found">
        <button type="button" className="btn btn-ghost h-11" onClick={onDone}>
          Not yet
        </button>
      </FormEnd>
      <LineHint line={lineOf(contentOf(form.fields.words))} />
    </Form>
  );
}
