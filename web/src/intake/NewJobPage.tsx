import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import { answer, api, asProblem, requestKey, Problem } from "../app/api";
import { Help, type HelpLine } from "../app/Help";
import { useShortcuts } from "../app/shortcuts";
import { TopBar } from "../app/TopBar";
import { useUnit } from "../app/unit";
import { Button, Field, Select, TextInput, Trouble, TroubleOrQuestion } from "../ui/controls";
import { pick } from "../ui/pick";
import { useArrivalChoices } from "../arrival/choices";
import { Drawing } from "../arrival/Drawing";
import { FactsOn } from "../arrival/FactsOn";
import { drawnOf } from "../arrival/outline";
import { Steps, type StepCode } from "../arrival/Steps";
import { ScopeFields } from "../job/OrderPanel";
import { ROOMS } from "../stations/registry";
import type { Station } from "../stations/room";
import { factsOf, statedOf, type Facts } from "./facts";
import { KindChoice } from "./KindChoice";
import { KnownField, type Hit } from "./KnownField";
import { LastTime } from "./LastTime";
import { asMeant, useStandAt } from "./standAt";

const KEYS: readonly HelpLine[] = [
  ["Tab", "next field; every default can stay"],
  ["arrow keys", "another kind, while one of them has the focus"],
  ["Enter", "start the job; a step takes it in and goes on there"],
  ["1 to 6", "take it in and go on at that step, outside of a field"],
  ["B", "back to the bench, outside of a field"],
  ["U", "change the unit of every number, outside of a field"],
];

function missing(field: string, label: string, what: string): Problem {
  return new Problem(0, `${label} is missing: ${what}.`, undefined, undefined, undefined, field);
}

/** What nobody but the technician can fill in. */
function lacking(name: string, player: string): Problem | null {
  if (name.trim() === "")
    return missing("name", "Name on the ticket", "what the instrument is called on the bench");
  if (player.trim() === "")
    return missing("player", "Name of the player or lender", "whoever it goes back to");
  return null;
}

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
  const choices = useArrivalChoices();
  /** The step that stands open once it is taken in; null for the job itself. */
  const [then, setThen] = useState<StepCode | null>(null);
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

  const start = async (instrument: Facts, sure: boolean, to: StepCode | null = null) => {
    if (busy) return;
    setThen(to);
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
            complaint: "",
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
      await navigate(to === null ? `/jobs/${id}` : `/jobs/${id}/arrival?step=${to}`);
    } catch (error) {
      setTrouble(asProblem(error));
      setBusy(false);
    }
  };

  useStandAt(trouble);
  const begin = (to: StepCode | null) => {
    if (shown === null) return;
    const lack = lacking(shown.name, playing);
    if (lack === null) void start(shown, false, to);
    else setTrouble(lack);
  };
  const meant = (text: string) => {
    if (shown === null || trouble === null) return;
    const turned = asMeant(shown, trouble, text);
    setFacts(turned);
    void start(turned, false, then);
  };
  const openStep = (to: StepCode) => {
    // any other step takes it in first, and stands open then
    if (to !== "who") begin(to);
  };
  useShortcuts(
    {
      ...Object.fromEntries(
        (choices?.steps ?? []).map(({ code }, i) => [String(i + 1), () => openStep(code)]),
      ),
      b: () => void navigate("/"),
      u: next,
      "?": () => setHelp(true),
    },
    !help,
  );
  const steps = choices?.steps.map((step) =>
    step.code === "who" && page !== undefined ? { ...step, told: page.facts.name } : step,
  );
  return (
    <>
      <TopBar onHelp={() => setHelp(true)}>
        <span className="text-[16px]">Take in an instrument</span>
      </TopBar>
      <h1 className="sr-only">Take in an instrument</h1>
      {kinds.error !== null && <Trouble text={kinds.error.message} />}
      {known !== null && stated.error !== null && (
        <Trouble text={stated.error.message} onClose={() => setKnown(null)} />
      )}
      {shown !== null && kinds.data !== undefined && (
        <form
          noValidate
          onSubmit={(e) => {
            e.preventDefault();
            begin(null);
          }}
        >
          <Drawing
            drawn={drawnOf(shown)}
            side="front"
            leftHanded={shown.leftHanded}
            label={`${kinds.data.find((k) => k.kind === shown.kind)?.label ?? ""}, as most are`}
          >
            <FactsOn facts={shown} onChange={setFacts} trouble={trouble} onMeant={meant} />
          </Drawing>
          {steps !== undefined && <Steps steps={steps} open="who" onOpen={openStep} />}
          <main className="grid gap-x-8 gap-y-4 px-5 py-4 bench:grid-cols-[1.3fr_1fr_16rem]">
            <div className="min-w-0">
              {page === undefined ? (
                <div className="flex flex-col gap-3">
                  <KnownField onChoose={choose} />
                  <KindChoice
                    kinds={kinds.data}
                    kind={shown.kind}
                    onChange={(kind) =>
                      setFacts({ ...factsOf(kind, shown.name), leftHanded: shown.leftHanded })
                    }
                  />
                </div>
              ) : (
                <LastTime
                  page={page}
                  onOther={() => {
                    setKnown(null);
                    setFacts(null);
                  }}
                />
              )}
            </div>
            <div className="flex flex-col gap-3">
              <Field label="Name on the ticket">
                <TextInput
                  required
                  data-fact="name"
                  maxLength={120}
                  value={shown.name}
                  onChange={(e) => setFacts({ ...shown, name: e.target.value })}
                />
              </Field>
              <div className="grid grid-cols-[1fr_8rem] gap-3">
                <Field label="Name of the player or lender">
                  <TextInput
                    required
                    data-fact="player"
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
              </div>
              <ScopeFields scope={scope} onChange={setScope} />
            </div>
            <div className="flex flex-col gap-3">
              {trouble !== null && (
                <TroubleOrQuestion
                  problem={trouble}
                  {...(page === undefined ? {} : { sure: "Take it in all the same" })}
                  onMeant={meant}
                  onSure={() => void start(shown, true, then)}
                />
              )}
              <Button strong disabled={busy} className="text-[18px]" onClick={() => begin("hurt")}>
                Take it in, look it over
              </Button>
              <Button type="submit" disabled={busy} shortcut="Enter">
                Start the job
              </Button>
              <Button onClick={() => void navigate("/")}>Back to the bench</Button>
              <p className="text-[15px] text-mute">
                The usual values are filled in. Touch what differs on the drawing; all of it can be
                put right later.
              </p>
            </div>
          </main>
        </form>
      )}
      <Help open={help} onClose={() => setHelp(false)} title="Keys of intake" keys={KEYS} />
    </>
  );
}
