import type { Schemas } from "../app/api";

export type StepCode = Schemas["Step"]["code"];
export type Step = Schemas["Step"];

/** The steps of intake, in the order in which one looks; any of them can be gone to. */
export function Steps({
  steps,
  open,
  onOpen,
}: {
  steps: readonly Step[];
  open: StepCode;
  onOpen: (step: StepCode) => void;
}) {
  return (
    <nav
      aria-label="Steps of intake"
      className="grid grid-cols-2 gap-1 border-y border-line bg-bench-dark px-3 py-1 sm:grid-cols-3 bench:grid-cols-6"
    >
      {steps.map((step, i) => {
        const here = step.code === open;
        return (
          <button
            key={step.code}
            type="button"
            aria-current={here ? "step" : undefined}
            aria-keyshortcuts={String(i + 1)}
            onClick={() => onOpen(step.code)}
            className={`eases flex min-h-12 min-w-0 items-center gap-2.5 rounded-lg px-2 text-left ${here ? "bg-ink text-white" : "hover:bg-bench"}`}
          >
            <span
              aria-hidden
              className={`flex size-7 shrink-0 items-center justify-center rounded-full border-2 text-[15px] font-bold ${
                here
                  ? "border-lamp-deep bg-lamp-deep text-ink"
                  : step.done
                    ? "border-verdigris bg-verdigris text-white"
                    : "border-ink"
              }`}
            >
              {step.done && !here ? "✓" : i + 1}
            </span>
            <span className="min-w-0">
              <span className="block text-[16px] leading-tight font-bold">{step.label}</span>
              <span
                className={`block truncate text-[14px] leading-tight ${here ? "text-lamp" : "text-mute"}`}
                title={step.told}
              >
                {step.told}
              </span>
            </span>
          </button>
        );
      })}
    </nav>
  );
}
