import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import { answer, api, asProblem, requestKey, type Problem } from "../app/api";
import { Help, type HelpLine } from "../app/Help";
import { useShortcuts } from "../app/shortcuts";
import { TopBar } from "../app/TopBar";
import { useUnit } from "../app/unit";
import { Button, Field, Select, TextInput, Trouble, TroubleOrQuestion } from "../ui/controls";
import { pick } from "../ui/pick";
import { TextArea } from "../ui/TextArea";
import { ScopeFields } from "../job/OrderPanel";
import { ROOMS } from "../stations/registry";
import type { Station } from "../stations/room";
import { InstrumentFields, type Facts, factsOf, statedOf } from "./InstrumentFields";
import { KnownField, type Hit } from "./KnownField";
import { LastTime } from "./LastTime";

const KEYS: readonly HelpLine[] = [
  ["Tab", "next field; every default can stay"],
  ["Enter", "start the job"],
  ["B", "back to the bench, outside of a field"],
  ["U", "change the unit of every number, outside of a field"],
];

type Touch = "light" | "medium" | "heavy";

function numberOf(text: string | null): number | null {
  const number = Number(text);
  return Number.isSafeInteger(number) && number > 0 ? number : null;
}

export function NewJobPage() {
  const navigate = useNavigate();
  const { unit, next } = useUnit();
  const [params] = useSearchParams();
  const [help, setHelp] = useState(false);
  const kinds = useQuery({ queryKey: ["kinds"], queryFn: () => answer(api.GET("/api/kinds")) });
  const [facts, setFacts] = useState<Facts | null>(null);
  const [player, setPlayer] = useState<string | null>(null);
  const [touch, setTouch] = useState<Touch | null>(null);
  const [complaint, setComplaint] = useState("");
  const [humidity, setHumidity] = useState("");
  const [scope, setScope] = useState<Station[]>(ROOMS.map((room) => room.station));
  const [trouble, setTrouble] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const [known, setKnown] = useState(numberOf(params.get("instrument")));
  const [who, setWho] = useState(numberOf(params.get("player")));
  const stated = useQuery({
    queryKey: ["instrument", known, unit],
    queryFn: () =>
      answer(
        api.GET("/api/instruments/{id}", {
          params: { path: { id: known ?? 0 }, query: { unit } },
        }),
      ),
    enabled: known !== null,
    placeholderData: (old) => (known === null ? undefined : old),
  });
  const page = known === null ? undefined : stated.data;
  const owner = who ?? page?.players[0]?.id ?? null;
  const person = useQuery({
    queryKey: ["player", owner],
    queryFn: () => answer(api.GET("/api/players/{id}", { params: { path: { id: owner ?? 0 } } })),
    enabled: owner !== null,
  });
  // what is known of whoever was chosen is filled in; it can be typed over
  const playing = player ?? person.data?.name ?? "";
  const touching = touch ?? person.data?.touch ?? "medium";
  const choose = (hit: Hit) => {
    setTrouble(null);
    if (hit.what === "player") {
      setWho(hit.id);
      setPlayer(null);
      setTouch(null);
    } else {
      setKnown(hit.id);
      setFacts(null);
      setPlayer(null);
      setTouch(null);
      setWho(null);
    }
  };
  // one key for this form: pressing twice opens one job
  const [key] = useState(requestKey);
  useEffect(() => {
    document.title = "Take in an instrument · Barytone";
  }, []);
  useShortcuts({ b: () => void navigate("/"), u: next, "?": () => setHelp(true) }, !help);

  const first = kinds.data?.[0];
  const shown =
    facts ??
    (known !== null
      ? page === undefined
        ? null
        : statedOf(page.facts)
      : first === undefined
        ? null
        : factsOf(first));

  const start = async (instrument: Facts, sure: boolean) => {
    if (busy) return;
    setBusy(true);
    setTrouble(null);
    try {
      const { id } = await answer(
        api.POST("/api/jobs", {
          body: {
            requestKey: key,
            instrument,
            player: playing,
            touch: touching,
            complaint,
            scope,
            sure,
            ...(page === undefined
              ? {}
              : { instrumentId: page.id, instrumentVersion: page.facts.version }),
            // another name than that of whoever is known is another player
            ...(person.data !== undefined && playing.trim() === person.data.name
              ? { playerId: person.data.id }
              : {}),
          },
        }),
      );
      // the job is opened once, however often this is pressed: a wrong number is corrected here
      if (humidity.trim() !== "")
        await answer(
          api.POST("/api/jobs/{id}/air", {
            params: { path: { id } },
            body: { after: 0, key: `${key}-air`, place: "room", humidity },
          }),
        );
      await navigate(`/jobs/${id}`);
    } catch (error) {
      setTrouble(asProblem(error));
      setBusy(false);
    }
  };

  return (
    <>
      <TopBar onHelp={() => setHelp(true)}>
        <span className="text-[16px]">Take in an instrument</span>
      </TopBar>
      <main className="mx-auto max-w-[1000px] px-5 py-6">
        <h1 className="wide mb-1 text-[28px] font-bold">Take in an instrument</h1>
        <p className="mb-5 text-[17px] text-mute">
          Find what was here before, or choose the kind of a new one: the usual values are filled
          in.
        </p>
        {kinds.error !== null && <Trouble text={kinds.error.message} />}
        {known !== null && stated.error !== null && (
          <Trouble text={stated.error.message} onClose={() => setKnown(null)} />
        )}
        {shown !== null && kinds.data !== undefined && (
          <form
            onSubmit={(e) => {
              e.preventDefault();
              void start(shown, false);
            }}
            className="flex flex-col gap-6"
          >
            {page === undefined ? (
              <>
                <KnownField onChoose={choose} />
                <InstrumentFields facts={shown} kinds={kinds.data} onChange={setFacts} />
              </>
            ) : (
              <>
                <LastTime
                  page={page}
                  onOther={() => {
                    setKnown(null);
                    setFacts(null);
                  }}
                />
                <details>
                  <summary className="min-h-11 cursor-pointer py-2 text-[17px] font-semibold underline">
                    Its facts: {page.facts.tuning}, strings {shown.strings}. Correct what differs
                    now
                  </summary>
                  <InstrumentFields facts={shown} kinds={kinds.data} onChange={setFacts} />
                </details>
              </>
            )}
            <fieldset className="grid gap-4 border-t border-line pt-4 sm:grid-cols-[2fr_1fr]">
              <legend className="wide float-left mb-2 w-full text-[17px] font-bold sm:col-span-2">
                Player
              </legend>
              <Field label="Name of the player or lender">
                <TextInput
                  required
                  maxLength={120}
                  value={playing}
                  onChange={(e) => setPlayer(e.target.value)}
                />
              </Field>
              <Field label="Touch">
                <Select
                  value={touching}
                  onChange={(e) =>
                    setTouch(pick<Touch>(e.target.value, ["light", "medium", "heavy"], touching))
                  }
                >
                  <option value="light">light</option>
                  <option value="medium">medium</option>
                  <option value="heavy">heavy</option>
                </Select>
              </Field>
              <div className="sm:col-span-2">
                <Field label="What the player says, in their own words (may stay empty)">
                  <TextArea
                    maxLength={20000}
                    value={complaint}
                    onChange={(e) => setComplaint(e.target.value)}
                  />
                </Field>
              </div>
            </fieldset>
            <div className="max-w-[22rem]">
              <Field label="Air in the room, % RH (may stay empty)">
                <TextInput
                  inputMode="decimal"
                  value={humidity}
                  onChange={(e) => setHumidity(e.target.value)}
                />
              </Field>
            </div>
            <ScopeFields scope={scope} onChange={setScope} />
            {trouble !== null && (
              <TroubleOrQuestion
                problem={trouble}
                {...(page === undefined ? {} : { sure: "Take it in all the same" })}
                onMeant={(strings) => {
                  const turned = { ...shown, strings };
                  setFacts(turned);
                  void start(turned, false);
                }}
                onSure={() => void start(shown, true)}
              />
            )}
            <div className="flex gap-3">
              <Button strong type="submit" disabled={busy} shortcut="Enter" className="text-[18px]">
                Start the job
              </Button>
              <Button onClick={() => void navigate("/")}>Back to the bench</Button>
            </div>
          </form>
        )}
      </main>
      <Help open={help} onClose={() => setHelp(false)} title="Keys of intake" keys={KEYS} />
    </>
  );
}
