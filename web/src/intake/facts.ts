import type { Schemas } from "../app/api";

export type Facts = Schemas["Facts"];
export type Kind = Schemas["KindView"];

/** The usual facts of a kind. */
export function factsOf(kind: Kind, name = ""): Facts {
  return {
    name,
    kind: kind.kind,
    tuning: kind.tuning,
    scaleLength: kind.scaleLength,
    frets: kind.frets,
    bodyJointFret: kind.bodyJointFret,
    boardRadius: kind.boardRadius,
    rod: kind.rod,
    access: kind.access,
    leftHanded: false,
    bridge: kind.bridge,
    threadPitch: "unknown",
    joint: kind.joint,
    endRadius: "same",
    bridgeSpread: kind.bridgeSpread,
    nut: kind.nut,
    nutWidth: kind.nutWidth,
    strings: kind.strings,
    lengthPitch: "unknown",
    lengthHead: "tail",
    saddleThickness: "3",
    plateRise: "0",
    pickups: kind.pickups,
  };
}

/** Its facts as they were stated, to be corrected. */
export function statedOf(view: Schemas["InstrumentView"]): Facts {
  const { version: _, kindLabel: __, ...facts } = view;
  return facts;
}
