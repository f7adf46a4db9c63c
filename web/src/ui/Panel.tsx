import { Dialog, DialogPanel, DialogTitle } from "@headlessui/react";
import { useRef, type ReactNode } from "react";
import { Button } from "./controls";

/** A sheet over the page for settings and for the end of a job; never for ordinary work. */
export function Panel({
  open,
  title,
  onClose,
  wide = false,
  atTitle = false,
  children,
}: {
  open: boolean;
  title: string;
  onClose: () => void;
  /** As wide as the page. */
  wide?: boolean;
  /** The cursor stands on its title first, so that no key does anything there yet. */
  atTitle?: boolean;
  children: ReactNode;
}) {
  const heading = useRef<HTMLHeadingElement>(null);
  return (
    <Dialog
      open={open}
      onClose={onClose}
      className="relative z-20"
      {...(atTitle ? { initialFocus: heading } : {})}
    >
      <div className="fixed inset-0 bg-ink/55" aria-hidden="true" />
      <div className="fixed inset-0 flex items-start justify-center overflow-y-auto p-4 pt-14">
        <DialogPanel
          className={`w-full ${wide ? "max-w-[1240px]" : "max-w-2xl"} border-t-4 border-lamp-deep bg-bench p-6`}
        >
          <div className="mb-4 flex items-center justify-between gap-4">
            <DialogTitle
              ref={heading}
              tabIndex={-1}
              className="wide text-[22px] font-bold outline-none"
            >
              {title}
            </DialogTitle>
            <Button onClick={onClose} shortcut="Esc">
              Back
            </Button>
          </div>
          {children}
        </DialogPanel>
      </div>
    </Dialog>
  );
}
