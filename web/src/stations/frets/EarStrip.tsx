import { Button, Trouble } from "../../ui/controls";
import type { BoardEar } from "./useBoardEar";

/** What to listen to, and what was heard last. */
export function EarStrip({ ear, expected }: { ear: BoardEar; expected: string }) {
  const { source, heard } = ear;
  const unsure = heard !== null && heard.call !== "take" && heard.call !== "listening";
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1 px-5 pb-2">
      <Button
        strong={source === "microphone"}
        aria-pressed={source === "microphone"}
        shortcut="M"
        onClick={() => ear.toggle("microphone")}
      >
        {source === "microphone" ? "Stop listening" : "Fill it by ear"}
      </Button>
      <Button
        strong={source === "standIn"}
        aria-pressed={source === "standIn"}
        shortcut="V"
        onClick={() => ear.toggle("standIn")}
      >
        {source === "standIn" ? "Stop the stand-in" : "Stand-in"}
      </Button>
      {source === "standIn" && (
        <Button shortcut="P" onClick={ear.pluck}>
          Pluck {expected}
        </Button>
      )}
      {source !== null && (
        <p role="status" data-testid="heard" className="min-w-64 flex-1 leading-tight">
          <strong className="wide block text-[22px] font-bold">
            {unsure && "? "}
            {heard?.headline ?? `Play ${expected}`}
            {heard?.call === "take" && (
              <span className="ml-2 text-[16px] font-semibold text-mute">
                {heard.percent} % sure
              </span>
            )}
          </strong>
          <span className="text-[14.5px] text-mute">{heard?.detail}</span>
        </p>
      )}
      {ear.trouble !== null && <Trouble text={ear.trouble} onClose={ear.dismiss} />}
    </div>
  );
}
