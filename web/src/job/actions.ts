import { api, type JobView, type Schemas } from "../app/api";
import type { Send } from "./useJob";

/** What the buttons and keys of the job screen do; each is one addition to the job. */
export interface JobActions {
  primary: () => void;
  /** Does one of the answers that go on against the advice; what it follows from was read before. How it was agreed, where that is asked for. */
  goOn: (answer: Schemas["GoOn"], how: string) => void;
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
  turn: (turns: string, free: boolean) => Promise<boolean>;
}

export function jobActions(
  job: JobView,
  send: Send,
  {
    goToReading,
    close,
    onUndone,
    onDid,
    armed,
    onTooSoon,
  }: {
    goToReading: () => void;
    close: () => void;
    /** Whether the next move has been seen for long enough to be meant by a key. */
    armed: () => boolean;
    /** A key came just as the next move changed. */
    onTooSoon: () => void;
    /** What was advised was done, or gone on from. */
    onDid: (now: JobView) => void;
    /** Something was taken back. */
    onUndone: (now: JobView) => void;
  },
): JobActions {
  const { advice } = job;
  // what is confirmed is what is shown
  const { move } = advice;
  const about = advice.event;
  const did = (now: JobView | null) => {
    if (now !== null) onDid(now);
  };
  const plain = (path: "retunes" | "relief/stiff" | "reopen") => () =>
    void send((stamp, params) => api.POST(`/api/jobs/{id}/${path}`, { params, body: stamp })).then(
      did,
    );
  const onEvent = (path: "relief/turns/other-way") => () => {
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
      api.POST("/api/jobs/{id}/followed", { params, body: { ...stamp, whole, move } }),
    ).then(did);
  /** Does what belongs to the move on the screen, once that has been seen. */
  const meant = (act: () => void) => {
    if (armed()) act();
    else onTooSoon();
  };
  const primary = () => {
    switch (advice.does) {
      case "read":
        goToReading();
        break;
      case "follow":
        meant(followed(false));
        break;
      case "close":
        close();
        break;
      case "nothing":
        break;
    }
  };
  const undoing = (path: "undo" | "redo", then?: (now: JobView) => void) => (event?: number) =>
    void send(
      (stamp, params) =>
        api.POST(`/api/jobs/{id}/${path}`, {
          params,
          body: event === undefined ? stamp : { ...stamp, event },
        }),
      true,
    ).then((now) => {
      if (now !== null) then?.(now);
    });
  const decline = (topic?: string) =>
    void send((stamp, params) =>
      api.POST("/api/jobs/{id}/declined", {
        params,
        body: topic === undefined ? { ...stamp, move } : { ...stamp, topic, move },
      }),
    );
  const goOn = ({ does }: Schemas["GoOn"], how: string) => {
    switch (does) {
      case "follow":
        followed(false)();
        break;
      case "decline":
        decline();
        break;
      case "reopen":
        plain("reopen")();
        break;
      case "agree":
        void send((stamp, params) =>
          api.POST("/api/jobs/{id}/damage-agreed", { params, body: { ...stamp, how } }),
        );
        break;
    }
  };
  return {
    primary,
    goOn,
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
    decline: (topic) => meant(() => decline(topic)),
    undo: undoing("undo", onUndone),
    redo: undoing("redo"),
    turn: async (turns, free) => {
      const done = await send((stamp, params) =>
        api.POST("/api/jobs/{id}/relief/turns", {
          params,
          body: { ...stamp, turns, finishTightening: false, free },
        }),
      );
      return done !== null;
    },
  };
}
