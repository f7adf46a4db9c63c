import type { ComponentProps, ReactNode } from "react";
import type { JobView } from "../app/api";
import { Button, Trouble } from "../ui/controls";
import type { Send } from "./useJob";

/** What every panel over a job is given. */
export interface PanelProps {
  job: JobView;
  send: Send;
  trouble: string | null;
  onDone: () => void;
}

/** The form of a setting: its fields, what went wrong, and the button that keeps it. */
export function SettingForm({
  action,
  trouble,
  onSubmit,
  className = "grid gap-4 sm:grid-cols-2",
  more,
  children,
}: {
  /** What the button says. */
  action: string;
  trouble: string | null;
  onSubmit: () => void | Promise<void>;
  className?: string;
  /** More buttons beside it. */
  more?: ReactNode;
  children: ReactNode;
}) {
  return (
    <form
      className={className}
      onSubmit={(event) => {
        event.preventDefault();
        void onSubmit();
      }}
    >
      {children}
      {trouble !== null && (
        <div className="col-span-full">
          <Trouble text={trouble} />
        </div>
      )}
      <div className="col-span-full flex flex-wrap gap-2">
        <Button strong type="submit">
          {action}
        </Button>
        {more}
      </div>
    </form>
  );
}

/** Things to choose one of, each with its reason; pressing one chooses it. */
export function ChoiceList<T extends string>({
  choices,
  chosen,
  onChoose,
}: {
  choices: readonly { code: T; label: string; detail?: string; reason: string }[];
  chosen: string | undefined;
  onChoose: (code: T) => void;
}) {
  return (
    <ul className="mb-4">
      {choices.map((c) => (
        <li key={c.code} className="border-t border-line">
          <button
            type="button"
            aria-pressed={chosen === c.code}
            onClick={() => onChoose(c.code)}
            className="eases grid min-h-14 w-full grid-cols-[1fr_auto] gap-x-4 py-2 text-left hover:bg-paper"
          >
            <span className="text-[18px] font-semibold">
              {c.label}
              {chosen === c.code && <span className="text-verdigris"> ✓ chosen</span>}
            </span>
            <span className="max-w-[26em] text-right text-[15px]">{c.detail ?? ""}</span>
            <span className="col-span-2 text-[15px] text-mute">{c.reason}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}

/** A tick box with its words. */
export function Tick({
  checked,
  onChange,
  children,
  ...field
}: Omit<ComponentProps<"input">, "checked" | "onChange"> & {
  checked: boolean;
  onChange: (checked: boolean) => void;
}) {
  return (
    <TickBox {...field} checked={checked} onChange={(e) => onChange(e.target.checked)}>
      {children}
    </TickBox>
  );
}

/** The same as a field of a form. */
export function TickBox({ children, ...field }: ComponentProps<"input">) {
  return (
    <label className="flex min-h-11 items-center gap-3">
      <input {...field} type="checkbox" className="size-6 shrink-0 accent-ink" />
      {children}
    </label>
  );
}
