import { useLayoutEffect, type ReactNode } from "react";
import { Button } from "../ui/controls";

/** The form of a move that was made otherwise than advised: its fields, and the buttons that record it or not. */
export function MoveForm({
  action = "Record it",
  working,
  onSubmit,
  onDone,
  children,
}: {
  action?: string;
  working: boolean;
  onSubmit: () => void;
  onDone: () => void;
  children: ReactNode;
}) {
  useLayoutEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key === "Escape") onDone();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [onDone]);
  return (
    <form
      className="mt-3 grid grid-cols-2 items-end gap-3 border-t border-line pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        onSubmit();
      }}
    >
      {children}
      <div className="col-span-2 flex gap-2">
        <Button strong type="submit" disabled={working}>
          {action}
        </Button>
        <Button onClick={onDone}>Not now</Button>
      </div>
    </form>
  );
}
