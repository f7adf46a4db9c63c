import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useNavigate } from "react-router";
import { answer, api, asProblem, type Schemas } from "../app/api";
import { Help, type HelpLine } from "../app/Help";
import { useShortcuts } from "../app/shortcuts";
import { TopBar } from "../app/TopBar";
import { useUnit } from "../app/unit";
import { Button, Field, Select, TextInput, Trouble } from "../ui/controls";
import { pick } from "../ui/pick";
import { Backups } from "./Backups";
import { Efforts } from "./Efforts";
import { HoursSection } from "./HoursForm";
import { ThisBench, TimesLearned } from "./TimesLearned";
import { Exchange } from "./Exchange";
import { PriceList } from "./PriceList";
import { Schools } from "./Schools";

const KEYS: readonly HelpLine[] = [
  ["Tab", "next field"],
  ["Enter", "keep what is typed in this table"],
  ["U", "change the unit of every number, outside of a field"],
  ["B", "back to the bench, outside of a field"],
];

const STATES = ["good", "bent", "worn", "missing"] as const;

/** What the shop owns and how it likes things set. */
export function ShopPage() {
  const navigate = useNavigate();
  const { unit, next } = useUnit();
  const [help, setHelp] = useState(false);
  useEffect(() => {
    document.title = "Tools and schools · Barytone";
  }, []);
  useShortcuts({ b: () => void navigate("/"), u: next, "?": () => setHelp(true) }, !help);
  const [told, setTold] = useState<string | null>(null);
  const tools = useQuery({
    queryKey: ["tools", unit],
    queryFn: () => answer(api.GET("/api/shop/tools", { params: { query: { unit } } })),
  });
  const schools = useQuery({
    queryKey: ["schools", unit],
    queryFn: () => answer(api.GET("/api/shop/schools", { params: { query: { unit } } })),
  });
  return (
    <>
      <TopBar onHelp={() => setHelp(true)}>
        <span className="text-[16px]">Tools and schools</span>
      </TopBar>
      <h1 className="sr-only">Tools and schools</h1>
      <main className="mx-auto grid max-w-[1240px] gap-8 px-5 py-6 xl:grid-cols-[520px_minmax(0,1fr)]">
        <section aria-label="Tools">
          <h2 className="wide mb-1 text-[26px] font-bold">Tools</h2>
          <p className="mb-3 text-[16px] text-mute">
            Advice uses only what is here and good, and names what is missing.
          </p>
          {tools.error !== null && <Trouble text={tools.error.message} />}
          {tools.data === undefined && tools.error === null && <p>Fetching the tools</p>}
          <Learned />
          {tools.data !== undefined && (
            <Tools key={`${unit}-${tools.data.version}`} view={tools.data} />
          )}
        </section>
        <section aria-label="Schools">
          <h2 className="wide mb-1 text-[26px] font-bold">Schools</h2>
          <p className="mb-3 text-[16px] text-mute">
            What new jobs can choose from. A job keeps the bands that it was given.
          </p>
          {schools.error !== null && <Trouble text={schools.error.message} />}
          {schools.data === undefined && schools.error === null && <p>Fetching the schools</p>}
          {schools.data !== undefined && (
            <Schools
              key={`${unit}-${schools.data.version}`}
              view={schools.data}
              told={told}
              onTold={setTold}
            />
          )}
          <Efforts />
          <TimesLearned />
          <HoursSection />
          <ThisBench />
          <PriceList />
          <Backups />
          <Exchange />
        </section>
      </main>
      <Help
        open={help}
        onClose={() => setHelp(false)}
        title="Keys of tools and schools"
        keys={KEYS}
      />
    </>
  );
}

/** What the readings of the last jobs tell of the tools; nothing is said while they tell nothing. */
function Learned() {
  const { unit } = useUnit();
  const learned = useQuery({
    queryKey: ["learned", unit],
    queryFn: () => answer(api.GET("/api/shop/learned", { params: { query: { unit } } })),
  });
  if (learned.error !== null) return <Trouble text={learned.error.message} />;
  if (learned.data === undefined || learned.data.lines.length === 0) return null;
  return (
    <div className="mb-3 border-l-4 border-verdigris bg-paper px-3 py-2">
      <h3 id="learned" className="text-[16px] font-bold">
        What readings told
      </h3>
      <ul aria-labelledby="learned" className="text-[16px]">
        {learned.data.lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </div>
  );
}

function Tools({ view }: { view: Schemas["ToolsView"] }) {
  const { unit } = useUnit();
  const queries = useQueryClient();
  const [tools, setTools] = useState(view.tools);
  const [kind, setKind] = useState<Schemas["ToolView"]["kind"]>("leaf");
  const [size, setSize] = useState("");
  const [name, setName] = useState("");
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const keep = async (wanted: Schemas["ToolView"][]) => {
    setBusy(true);
    setTrouble(null);
    try {
      const kept = await answer(
        api.PUT("/api/shop/tools", {
          params: { query: { unit } },
          body: { version: view.version, tools: wanted },
        }),
      );
      queries.setQueryData(["tools", unit], kept);
      void queries.invalidateQueries({ queryKey: ["job"] });
    } catch (error) {
      setTrouble(asProblem(error).message);
    } finally {
      setBusy(false);
    }
  };
  const label = (k: string) => view.kinds.find((one) => one.kind === k)?.label ?? k;
  const sized = view.kinds.find((one) => one.kind === kind)?.sized === true;
  const kinds = view.kinds.filter((k) => tools.some((t) => t.kind === k.kind));
  return (
    <>
      <p className="mb-1 text-[15px]">Heights can be measured by</p>
      <ul className="mb-3 flex flex-wrap gap-x-5 text-[15px]">
        {view.measures.map((measure) => (
          <li key={measure}>{measure}</li>
        ))}
      </ul>
      <form
        className="mb-4 grid grid-cols-[1.3fr_1fr_1fr_auto] items-end gap-2 border-y border-line py-3"
        onSubmit={(event) => {
          event.preventDefault();
          void keep([...tools, { kind, name, size, state: "good" }]);
        }}
      >
        <Field label="Another">
          <Select
            value={kind}
            onChange={(e) => {
              const chosen = view.kinds.find((k) => k.kind === e.target.value);
              if (chosen !== undefined) setKind(chosen.kind);
            }}
          >
            {view.kinds.map((k) => (
              <option key={k.kind} value={k.kind}>
                {k.label}
              </option>
            ))}
          </Select>
        </Field>
        <Field
          label={`Size or finest mark${sized ? `, ${view.kinds.find((one) => one.kind === kind)?.suffix ?? ""}` : ""}`}
        >
          <TextInput
            disabled={!sized}
            required={sized}
            value={sized ? size : ""}
            onChange={(e) => setSize(e.target.value)}
          />
        </Field>
        <Field label="Name">
          <TextInput value={name} maxLength={60} onChange={(e) => setName(e.target.value)} />
        </Field>
        <Button strong type="submit" disabled={busy}>
          Add
        </Button>
      </form>
      {trouble !== null && <Trouble text={trouble} />}
      {tools.length === 0 && <p className="text-[17px]">No tools yet: add the leaves first.</p>}
      {kinds.map((k) => (
        <div key={k.kind} className="mb-4">
          <h3 className="text-[17px] font-bold first-letter:uppercase">{label(k.kind)}</h3>
          <ul>
            {tools.map((tool, i) =>
              tool.kind !== k.kind ? null : (
                <li
                  key={`${tool.kind}-${String(i)}`}
                  className="grid grid-cols-[1fr_auto_auto] items-center gap-3 border-t border-line py-1"
                >
                  <span className="text-[17px]">
                    {k.sized && (
                      <span className="font-semibold">
                        {tool.size} {k.suffix}
                      </span>
                    )}{" "}
                    {tool.name}
                    {tool.state !== "good" && <span className="text-rust"> ▲ left out</span>}
                  </span>
                  <Select
                    aria-label={`${k.label} ${tool.size} ${tool.name}: state`}
                    className="!w-32"
                    value={tool.state}
                    onChange={(e) => {
                      const state = pick(e.target.value, STATES, tool.state);
                      const changed = tools.map((t, n) => (n === i ? { ...t, state } : t));
                      setTools(changed);
                      void keep(changed);
                    }}
                  >
                    {STATES.map((state, n) => (
                      <option key={state} value={state}>
                        {view.states[n]}
                      </option>
                    ))}
                  </Select>
                  <button
                    type="button"
                    className="min-h-11 px-2 text-[15px] underline"
                    aria-label={`Remove ${k.label} ${tool.size} ${tool.name}`}
                    onClick={() => void keep(tools.filter((_, n) => n !== i))}
                  >
                    Remove
                  </button>
                </li>
              ),
            )}
          </ul>
        </div>
      ))}
    </>
  );
}
