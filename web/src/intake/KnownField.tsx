import {
  Combobox,
  ComboboxInput,
  ComboboxOption,
  ComboboxOptions,
  Field as Labelled,
  Label,
} from "@headlessui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Schemas } from "../app/api";
import { Trouble } from "../ui/controls";

export type Hit = Schemas["Hit"];

const MOST = 6;

/**
 * Finds who or what was here before while it is typed: arrow keys and Enter choose, and whoever goes on below takes in something new.
 */
export function KnownField({ onChoose }: { onChoose: (hit: Hit) => void }) {
  const [words, setWords] = useState("");
  const typed = words.trim();
  const found = useQuery({
    queryKey: ["search", "all", typed, false, 0],
    queryFn: () => answer(api.GET("/api/search", { params: { query: { words: typed } } })),
    enabled: typed !== "",
    placeholderData: (old) => old,
  });
  // what was found for fewer letters is not offered: who types without looking would choose it
  const hits =
    typed === "" || found.isPlaceholderData
      ? []
      : (found.data?.hits.filter((h) => h.what !== "job") ?? []).slice(0, MOST);
  return (
    <Labelled className="flex flex-col gap-1">
      <Label className="text-[14px] font-semibold text-mute">
        Was here before? Part of a player’s or an instrument’s name, or the tuning
      </Label>
      <Combobox
        immediate
        value={null}
        onChange={(hit: Hit | null) => {
          setWords("");
          if (hit !== null) onChoose(hit);
        }}
      >
        <ComboboxInput
          autoFocus
          autoComplete="off"
          maxLength={200}
          displayValue={() => words}
          onChange={(event) => setWords(event.target.value)}
          onKeyDown={(event) => {
            // nothing to choose yet: the form below is not meant
            if (event.key === "Enter" && typed !== "" && hits.length === 0) event.preventDefault();
          }}
          className="min-h-11 w-full rounded-md border-[1.5px] border-line-strong bg-white px-3 text-[17px]"
        />
        {hits.length > 0 && (
          <ComboboxOptions static modal={false}>
            {hits.map((hit) => (
              <ComboboxOption
                key={`${hit.what} ${String(hit.id)}`}
                value={hit}
                className="eases grid min-h-11 cursor-pointer grid-cols-[7rem_1fr] items-baseline gap-x-3 border-t border-line px-1 py-2 data-focus:bg-paper"
              >
                <span className="text-[15px] text-mute">{hit.what}</span>
                <span>
                  <strong className="text-[17px]">{hit.title}</strong>{" "}
                  <span className="text-[15px] text-mute">{hit.detail}</span>
                </span>
              </ComboboxOption>
            ))}
          </ComboboxOptions>
        )}
      </Combobox>
      {found.error !== null && typed !== "" && <Trouble text={found.error.message} />}
      {typed !== "" &&
        found.data !== undefined &&
        !found.isPlaceholderData &&
        hits.length === 0 && (
          <p className="border-t border-line py-2 text-[16px] text-mute">
            Nobody and nothing known has “{typed}” in it: take it in as new below.
          </p>
        )}
    </Labelled>
  );
}
