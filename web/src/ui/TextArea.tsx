import type { ComponentProps } from "react";

/** Several lines of text; Ctrl+Enter sends its form. */
export function TextArea({ rows = 2, ...rest }: ComponentProps<"textarea">) {
  return (
    <textarea
      rows={rows}
      {...rest}
      onKeyDown={(event) => {
        if (event.key === "Enter" && (event.ctrlKey || event.metaKey))
          event.currentTarget.form?.requestSubmit();
      }}
      className="w-full rounded-md border-[1.5px] border-line-strong bg-white px-3 py-2 text-[17px]"
    />
  );
}
