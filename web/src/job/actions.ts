import { api, type JobView } from "../app/api";
import type { Send } from "./useJob";

/** What the buttons and keys of the job screen do; each is one addition to the job. */
export interface JobActions {
  primaryLabel: string | null;
  primary: () => void;
  retuned: () => void;
  stiff: () => void;
  keep: () => void;
  drop: () => void;
  otherWay: () => void;
  /** What is advised, or the step of it with this topic, shall not be done on this job. */
  decline: (topic?: string) => void;
  undo: (event?: number) => void;
  redo: (event?: number) => void;
  turn: (sixteenths: number, finishTightening: boolean, free: boolean) => Promise<boolean>;
}

const PRIMARY: Record<string, string> = {
  measure: "Go to the reading",
  "measure-again": "Go to the reading",
  retune: "Retuned",
  settle: "Do not wait",
  "wrong-way": "This rod works the other way",
  "free-play": "It ran free",
  done: "Close the job",
  closed: "Reopen",
};

export function jobActions(
  job: JobView,
  send: Send,
  goToReading: (strings: readonly number[]) => void,
): JobActions {
  const { advice } = job;
  const about = advice.event;
  const plain = (path: "retunes" | "rod-stiff" | "settling-skips" | "reopen" | "followed") => () =>
    void send((stamp, params) => api.POST(`/api/jobs/{id}/${path}`, { params, body: stamp }));
  const onEvent =
    (path: "readings/kept" | "readings/dropped" | "rod-turns/ran-free" | "rod-turns/other-way") =>
    () => {
      if (about === undefined) return;
      void send((stamp, params) =>
        api.POST(`/api/jobs/{id}/${path}`, { params, body: { ...stamp, event: about } }),
      );
    };
  const turn = async (sixteenths: number, finishTightening: boolean, free: boolean) => {
    const done = await send((stamp, params) =>
      api.POST("/api/jobs/{id}/rod-turns", {
        params,
        body: { ...stamp, sixteenths, finishTightening, free },
      }),
    );
    return done !== null;
  };
  const primary = () => {
    switch (advice.kind) {
      case "measure":
      case "measure-again":
        goToReading(advice.strings);
        break;
      case "retune":
        plain("retunes")();
        break;
      case "settle":
        plain("settling-skips")();
        break;
      case "turn":
        if (advice.turn !== undefined)
          void turn(advice.turn.sixteenths, advice.turn.finishTightening, false);
        break;
      case "move":
        plain("followed")();
        break;
      case "wrong-way":
        void send((stamp, params) =>
          api.POST("/api/jobs/{id}/rod-direction", {
            params,
            body: { ...stamp, straightensAnticlockwise: true },
          }),
        );
        break;
      case "free-play":
        onEvent("rod-turns/ran-free")();
        break;
      case "closed":
        plain("reopen")();
        break;
      default:
        break;
    }
  };
  const undoing = (path: "undo" | "redo") => (event?: number) =>
    void send(
      (stamp, params) =>
        api.POST(`/api/jobs/{id}/${path}`, {
          params,
          body: event === undefined ? stamp : { ...stamp, event },
        }),
      true,
    );
  return {
    primaryLabel:
      advice.kind === "turn"
        ? `Turned ${advice.turn?.amount ?? ""}`
        : (advice.follow ?? PRIMARY[advice.kind] ?? null),
    primary,
    retuned: plain("retunes"),
    stiff: plain("rod-stiff"),
    keep: onEvent("readings/kept"),
    drop: onEvent("readings/dropped"),
    otherWay: onEvent("rod-turns/other-way"),
    decline: (topic) =>
      void send((stamp, params) =>
        api.POST("/api/jobs/{id}/declined", {
          params,
          body: topic === undefined ? stamp : { ...stamp, topic },
        }),
      ),
    undo: undoing("undo"),
    redo: undoing("redo"),
    turn,
  };
}
