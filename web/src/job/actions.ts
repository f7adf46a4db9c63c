import { api, type JobView } from "../app/api";
import type { Send } from "./useJob";

/** What the buttons and keys of the job screen do; each is one addition to the job. */
export interface JobActions {
  primaryLabel: string | null;
  primary: () => void;
  retuned: () => void;
  stiff: () => void;
  /** About a doubted reading by its place on the tape: it is right, wrong, or was moved before without counting. */
  keep: (event: number) => void;
  drop: (event: number) => void;
  moved: (event: number) => void;
  otherWay: () => void;
  /** What is advised, or the step of it with this topic, shall not be done on this job. */
  decline: (topic?: string) => void;
  /** The station of what is advised comes when the others are done. */
  later: () => void;
  /** All of what is advised was done at once, not its first part. */
  whole: () => void;
  undo: (event?: number) => void;
  redo: (event?: number) => void;
  /** An amount as it is spoken, positive tightens. */
  turn: (turns: string, finishTightening: boolean, free: boolean) => Promise<boolean>;
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

export function jobActions(job: JobView, send: Send, goToReading: () => void): JobActions {
  const { advice } = job;
  const about = advice.event;
  const plain = (path: "retunes" | "relief/stiff" | "relief/settling-skips" | "reopen") => () =>
    void send((stamp, params) => api.POST(`/api/jobs/{id}/${path}`, { params, body: stamp }));
  const onEvent = (path: "relief/turns/ran-free" | "relief/turns/other-way") => () => {
    if (about === undefined) return;
    void send((stamp, params) =>
      api.POST(`/api/jobs/{id}/${path}`, { params, body: { ...stamp, event: about } }),
    );
  };
  const onReading = (path: "kept" | "dropped" | "moved") => (event: number) =>
    void send(
      (stamp, params) =>
        api.POST(`/api/jobs/{id}/readings/${path}`, { params, body: { ...stamp, event } }),
      true,
    );
  const followed = (whole: boolean) => () =>
    void send((stamp, params) =>
      api.POST("/api/jobs/{id}/followed", { params, body: { ...stamp, whole } }),
    );
  const turn = async (
    amount: { turns: string } | { sixteenths: number },
    finishTightening: boolean,
    free: boolean,
  ) => {
    const done = await send((stamp, params) =>
      api.POST("/api/jobs/{id}/relief/turns", {
        params,
        body: { ...stamp, ...amount, finishTightening, free },
      }),
    );
    return done !== null;
  };
  const primary = () => {
    switch (advice.kind) {
      case "measure":
      case "measure-again":
      case "proud":
        goToReading();
        break;
      case "retune":
        plain("retunes")();
        break;
      case "settle":
        plain("relief/settling-skips")();
        break;
      case "turn":
        if (advice.turn !== undefined)
          void turn({ sixteenths: advice.turn.sixteenths }, advice.turn.finishTightening, false);
        break;
      case "move":
        followed(false)();
        break;
      case "wrong-way":
        void send((stamp, params) =>
          api.POST("/api/jobs/{id}/relief/direction", {
            params,
            body: { ...stamp, straightensAnticlockwise: true },
          }),
        );
        break;
      case "free-play":
        onEvent("relief/turns/ran-free")();
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
    stiff: plain("relief/stiff"),
    keep: onReading("kept"),
    drop: onReading("dropped"),
    moved: onReading("moved"),
    later: () =>
      void send((stamp, params) =>
        api.POST("/api/jobs/{id}/later", { params, body: { ...stamp, station: advice.station } }),
      ),
    whole: followed(true),
    otherWay: onEvent("relief/turns/other-way"),
    decline: (topic) =>
      void send((stamp, params) =>
        api.POST("/api/jobs/{id}/declined", {
          params,
          body: topic === undefined ? stamp : { ...stamp, topic },
        }),
      ),
    undo: undoing("undo"),
    redo: undoing("redo"),
    turn: (turns, finishTightening, free) => turn({ turns }, finishTightening, free),
  };
}
