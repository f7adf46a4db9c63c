import { useState } from "react";
import type { Schemas } from "../app/api";
import { useShortcuts } from "../app/shortcuts";
import { Button, Field, TextInput } from "../ui/controls";
import type { JobActions } from "./actions";

/** Answers that go on against the advice, or say that it was otherwise: each is asked once, with what follows from it. D never gives one. */
export function GoOn({
  answers,
  actions,
  working,
}: {
  answers: readonly Schemas["GoOn"][];
  actions: JobActions;
  working: boolean;
}) {
  const [asked, setAsked] = useState<string | null>(null);
  const [how, setHow] = useState("");
  const first = answers[0];
  useShortcuts({ f: () => first !== undefined && setAsked(first.says) }, first !== undefined);
  const open = answers.find((answer) => answer.says === asked);
  useShortcuts({ Escape: () => setAsked(null) }, open !== undefined);
  if (open === undefined)
    return answers.map((answer) => (
      <Button
        key={answer.says}
        disabled={working}
        {...(answer === first ? { shortcut: "F" } : {})}
        onClick={() => setAsked(answer.says)}
      >
        {answer.says}
      </Button>
    ));
  const inWords = open.does === "agree";
  return (
    <form
      aria-label={open.says}
      className="w-full border-l-4 border-ink bg-paper px-3 py-2"
      onSubmit={(event) => {
        event.preventDefault();
        setAsked(null);
        actions.goOn(open, how);
      }}
    >
      <p className="text-[17px]">
        <strong className="font-semibold">{open.says}?</strong> {open.consequence}
      </p>
      {inWords && (
        <Field label="What was agreed, and how">
          <TextInput
            autoFocus
            required
            maxLength={200}
            value={how}
            onChange={(e) => setHow(e.target.value)}
            onKeyDown={(event) => {
              if (event.key === "Escape") setAsked(null);
            }}
          />
        </Field>
      )}
      <div className="mt-2 flex flex-wrap gap-2">
        <Button type="submit" autoFocus={!inWords} disabled={working} shortcut="Enter">
          Yes
        </Button>
        <Button onClick={() => setAsked(null)} shortcut="Esc">
          No
        </Button>
      </div>
    </form>
  );
}
