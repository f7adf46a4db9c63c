import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, asProblem } from "../app/api";
import { Button, Field, TextInput, Trouble } from "../ui/controls";
import { Panel } from "../ui/Panel";

const path = (of: number) => ({ params: { path: { id: of } } });

/** Says that two are one, and takes it back. */
export function SamePanel({
  what,
  id,
  name,
  same,
  open,
  onClose,
  onMerged,
  onSeparated,
}: {
  what: "instruments" | "players";
  id: number;
  name: string;
  /** Those that are told here. */
  same: readonly { id: number; name: string }[];
  open: boolean;
  onClose: () => void;
  onMerged: (as: number) => void;
  onSeparated: () => void;
}) {
  const [words, setWords] = useState("");
  const found = useQuery({
    queryKey: ["search", what, words.trim(), true],
    queryFn: () =>
      answer(
        api.GET("/api/search", {
          params: { query: { words: words.trim(), what, archived: true } },
        }),
      ),
    enabled: open && words.trim() !== "",
    placeholderData: (old) => old,
  });
  const merge = useMutation({
    mutationFn: async (as: number) =>
      what === "instruments"
        ? await answer(api.PUT("/api/instruments/{id}/same-as", { ...path(id), body: { as } }))
        : await answer(api.PUT("/api/players/{id}/same-as", { ...path(id), body: { as } })),
    onSuccess: (now) => {
      onClose();
      onMerged(now.id);
    },
  });
  const separate = useMutation({
    mutationFn: async (one: number) =>
      what === "instruments"
        ? await answer(api.DELETE("/api/instruments/{id}/same-as", path(one)))
        : await answer(api.DELETE("/api/players/{id}/same-as", path(one))),
    onSuccess: onSeparated,
  });
  const trouble = merge.error ?? separate.error ?? found.error;
  const others = found.data?.hits.filter((hit) => hit.id !== id) ?? [];
  return (
    <Panel open={open} onClose={onClose} title={`${name} is the same as`}>
      <p className="mb-3 text-[17px]">
        Both histories are told together from then on, under the name that you choose. Their jobs
        stay as they are, so it can be taken back.
      </p>
      <Field label="Find the other one">
        <TextInput
          type="search"
          autoFocus
          maxLength={200}
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
      </Field>
      {trouble !== null && <Trouble text={asProblem(trouble).message} />}
      <ul className="mt-2">
        {words.trim() !== "" &&
          others.map((hit) => (
            <li key={hit.id} className="border-t border-line">
              <button
                type="button"
                className="eases min-h-11 w-full py-2 text-left text-[17px] hover:bg-paper"
                onClick={() => merge.mutate(hit.id)}
              >
                <strong>{hit.title}</strong> <span className="text-mute">{hit.detail}</span>
              </button>
            </li>
          ))}
      </ul>
      {words.trim() !== "" && found.data !== undefined && others.length === 0 && (
        <p className="mt-2 text-[17px]">Nothing else has “{words.trim()}” in its name.</p>
      )}
      {same.length > 0 && (
        <>
          <h3 className="mt-5 text-[15px] font-semibold text-mute">Told here as well</h3>
          <ul>
            {same.map((one) => (
              <li
                key={one.id}
                className="flex flex-wrap items-center justify-between gap-3 border-t border-line py-1 text-[17px]"
              >
                {one.name}
                <Button onClick={() => separate.mutate(one.id)}>Not the same after all</Button>
              </li>
            ))}
          </ul>
        </>
      )}
    </Panel>
  );
}
