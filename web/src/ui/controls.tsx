import type { Problem } from "../app/api";
import type { ButtonHTMLAttributes, ComponentProps, ReactNode } from "react";

/** A key that does the same. */
export function Key({ name }: { name: string }) {
  return (
    <kbd
      aria-hidden="true"
      className="ml-2 hidden rounded border border-current px-1.5 font-sans text-[12px] font-semibold opacity-75 bench:inline-block"
    >
      {name}
    </kbd>
  );
}

export function Button({
  strong = false,
  shortcut,
  children,
  className = "",
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { strong?: boolean; shortcut?: string }) {
  return (
    <button
      type="button"
      {...(shortcut === undefined ? {} : { "aria-keyshortcuts": shortcut })}
      {...rest}
      className={`eases min-h-11 rounded-lg border-[1.5px] px-4 py-2 font-semibold disabled:opacity-50 ${
        strong
          ? "border-ink bg-ink text-white hover:bg-ink-soft"
          : "border-line-strong bg-paper hover:bg-white"
      } ${className}`}
    >
      {children}
      {shortcut !== undefined && <Key name={shortcut} />}
    </button>
  );
}

export function Field({
  label,
  hint,
  children,
}: {
  label: string;
  hint?: string | undefined;
  children: ReactNode;
}) {
  return (
    <label className="flex flex-col gap-1">
      <span className="text-[14px] font-semibold text-mute">{label}</span>
      {children}
      {hint !== undefined && <span className="text-[14px] text-mute">{hint}</span>}
    </label>
  );
}

const BOX =
  "min-h-11 w-full rounded-md border-[1.5px] border-line-strong bg-white px-3 text-[17px]";

export function TextInput({ className = "", ...rest }: ComponentProps<"input">) {
  return (
    <input autoComplete="off" spellCheck={false} {...rest} className={`${BOX} ${className}`} />
  );
}

export function Select({ className = "", ...rest }: ComponentProps<"select">) {
  return <select {...rest} className={`${BOX} ${className}`} />;
}

/** A message about something that did not go as asked. */
export function Trouble({ text, onClose }: { text: string; onClose?: () => void }) {
  return (
    <div
      role="alert"
      className="flex items-start gap-3 border-l-4 border-rust bg-rust-wash px-3 py-2 text-[15px]"
    >
      <span className="flex-1">{text}</span>
      {onClose !== undefined && (
        <button type="button" onClick={onClose} className="min-h-11 px-2 font-semibold underline">
          Close
        </button>
      )}
    </div>
  );
}

/** What went wrong with a form; where the server asks about something odd, the answers to its question. */
export function TroubleOrQuestion({
  problem,
  onMeant,
  onSure,
  sure = "Take it as typed",
}: {
  problem: Problem;
  /** What the button says that answers yes. */
  sure?: string;
  /** Takes what was probably meant. */
  onMeant: (text: string) => void;
  onSure: () => void;
}) {
  const { meant } = problem;
  return (
    <div className="flex flex-col gap-2">
      <Trouble text={problem.message} />
      {(problem.code === "sure" || problem.code === "meant") && (
        <div className="flex flex-wrap gap-2">
          {meant !== undefined && (
            <Button strong onClick={() => onMeant(meant.text)}>
              Yes, {meant.spoken}
            </Button>
          )}
          {problem.code === "sure" && <Button onClick={onSure}>{sure}</Button>}
        </div>
      )}
    </div>
  );
}
