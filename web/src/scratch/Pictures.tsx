import { Section } from "../section/Section";
import type { Picture } from "./sums";

const INK = "#16201E";
const LAMP = "#FFE49A";
const RUST = "#9C3B1B";
const GREEN = "#1C6B58";
const INDIGO = "#3A4C9A";

/** The picture of a sum, where one helps. */
export function SumPicture({
  picture,
  suffix,
  readingText,
}: {
  picture: Picture;
  suffix: string;
  readingText: string;
}) {
  switch (picture.is) {
    case "neck":
      return <Neck picture={picture} suffix={suffix} readingText={readingText} />;
    case "leaves":
      return <Leaves leaves={picture.leaves} target={picture.target} />;
    case "nut":
      return <Nut picture={picture} />;
    case "shim":
      return <Shim picture={picture} />;
    case "margins":
      return (
        <Bars
          label="Room at each note, from the open string up"
          values={picture.notes.map((n) => ({ at: n.fret, value: n.margin, bad: n.margin < 0 }))}
        />
      );
    case "cents":
      return (
        <Bars
          label="Cents at each fret: hollow as read, solid after the move"
          values={picture.after.map((a) => ({
            at: a.fret,
            value: a.cents,
            bad: Math.abs(a.cents) > 3,
          }))}
          before={picture.before.map((b) => ({ at: b.fret, value: b.cents, bad: false }))}
        />
      );
  }
}

function Neck({
  picture,
  suffix,
  readingText,
}: {
  picture: Extract<Picture, { is: "neck" }>;
  suffix: string;
  readingText: string;
}) {
  const x = (n: number) => picture.scaleLength * (1 - 2 ** (-n / 12));
  const { joint } = picture;
  const frets = Array.from({ length: joint + picture.rises.length }, (_, i) => {
    const fret = i + 1;
    if (fret === 1 || fret === joint) return { fret, x: x(fret), y: 0 };
    if (fret < joint) return { fret, x: x(fret), y: -(picture.dips[fret - 2] ?? 0) };
    // a line from fret 1 to this crown passes so far over the joint
    const over = picture.rises[fret - joint - 1] ?? 0;
    return { fret, x: x(fret), y: (over * (x(fret) - x(1))) / (x(joint) - x(1)) };
  });
  const crown = frets.find((f) => f.fret === picture.gaugeFret)?.y ?? 0;
  return (
    <Section
      title="Heights greatly exaggerated"
      section={{
        string: 1,
        stringName: "",
        scaleLength: picture.scaleLength,
        saddleX: picture.scaleLength,
        bodyJointFret: joint,
        frets,
        nutY: 0,
        saddleY: 0,
        reliefKnown: true,
        stringKnown: false,
        ghosts: [],
        heldLow: picture.held[0] ?? 1,
        heldHigh: picture.held[1] ?? joint,
        dimensions: [
          {
            kind: "relief",
            fret: picture.gaugeFret,
            y0: crown,
            y1: crown + picture.reading,
            text: readingText,
            label: `at ${picture.gaugeFret}`,
            suffix,
            verdict: "unread",
          },
        ],
      }}
    />
  );
}

function Leaves({ leaves, target }: { leaves: number[]; target: number }) {
  const total = leaves.reduce((a, b) => a + b, 0);
  const scale = 150 / Math.max(total, target, 0.01);
  const tops = leaves.map((_, i) => leaves.slice(0, i + 1).reduce((a, b) => a + b, 0));
  return (
    <svg
      viewBox="0 0 520 190"
      role="img"
      aria-label="The stack of leaves against the height wanted"
      className="w-full max-w-[640px]"
    >
      <rect x="40" y="170" width="440" height="8" fill={INK} />
      {leaves.map((leaf, i) => (
        <rect
          key={`${leaf}-${String(i)}`}
          x={110}
          y={170 - (tops[i] ?? 0) * scale}
          width={260}
          height={Math.max(1, leaf * scale - 1)}
          fill={LAMP}
          stroke={INK}
          strokeWidth="1"
        />
      ))}
      <line
        x1="60"
        x2="460"
        y1={170 - target * scale}
        y2={170 - target * scale}
        stroke={INDIGO}
        strokeWidth="2"
        strokeDasharray="7 5"
      />
      <text x="464" y={170 - target * scale + 5} fontSize="14" fill={INDIGO}>
        wanted
      </text>
    </svg>
  );
}

function Nut({ picture }: { picture: Extract<Picture, { is: "nut" }> }) {
  const scale = 480 / picture.width;
  return (
    <svg
      viewBox="0 0 520 120"
      role="img"
      aria-label="The nut with its strings to scale, bass on the left"
      className="w-full max-w-[760px]"
    >
      <rect x="20" y="52" width="480" height="46" fill="#EEF1EC" stroke={INK} strokeWidth="2" />
      {picture.centres.map((centre, i) => {
        const r = ((picture.gauges[i] ?? 0) / 2) * scale;
        const x = 20 + centre * scale;
        return (
          <g key={centre}>
            <circle cx={x} cy={52} r={Math.max(1, r)} fill={INK} />
            <line x1={x} x2={x} y1={34} y2={22} stroke={INK} />
            <text x={x} y={16} textAnchor="middle" fontSize="14" fontWeight="600" fill={INK}>
              {i + 1}
            </text>
          </g>
        );
      })}
      <text x="20" y="115" fontSize="13" fill="#46534E">
        bass end
      </text>
      <text x="500" y="115" fontSize="13" textAnchor="end" fill="#46534E">
        treble end
      </text>
    </svg>
  );
}

function Shim({ picture }: { picture: Extract<Picture, { is: "shim" }> }) {
  const heel = picture.thickEnd === "heel";
  const thick = Math.min(90, Math.max(3, picture.thickness * 60));
  const points = heel ? `60,110 460,110 460,${110 - thick}` : `60,${110 - thick} 60,110 460,110`;
  return (
    <svg
      viewBox="0 0 520 150"
      role="img"
      aria-label={`A wedge, thick at the ${heel ? "heel end" : "body edge"}`}
      className="w-full max-w-[640px]"
    >
      <line x1="30" x2="490" y1="111" y2="111" stroke={INK} strokeWidth="3" />
      <polygon points={points} fill={LAMP} stroke={INK} strokeWidth="1.5" />
      <text x="60" y="136" fontSize="15" fill={INK}>
        body edge
      </text>
      <text x="460" y="136" fontSize="15" textAnchor="end" fill={INK}>
        heel end
      </text>
      <text x="260" y="20" fontSize="13" textAnchor="middle" fill="#46534E">
        thickness greatly exaggerated
      </text>
    </svg>
  );
}

interface Bar {
  at: number;
  value: number;
  bad: boolean;
}

function Bars({
  label,
  values,
  before = [],
}: {
  label: string;
  values: readonly Bar[];
  before?: readonly Bar[];
}) {
  const all = [...values, ...before].map((v) => v.value);
  const high = Math.max(0.01, ...all);
  const low = Math.min(0, ...all);
  const y = (value: number) => 20 + ((high - value) / (high - low)) * 120;
  const step = 480 / Math.max(1, values.length);
  const x = (i: number) => 24 + i * step;
  return (
    <svg viewBox="0 0 520 172" role="img" aria-label={label} className="w-full max-w-[760px]">
      <text x="24" y="12" fontSize="13" fill="#46534E">
        {label}
      </text>
      {values.map((v, i) => (
        <g key={v.at}>
          <rect
            x={x(i) + step * 0.15}
            y={Math.min(y(0), y(v.value))}
            width={step * 0.7}
            height={Math.max(1, Math.abs(y(v.value) - y(0)))}
            fill={v.bad ? RUST : GREEN}
          />
          {before[i] !== undefined && (
            <rect
              x={x(i) + step * 0.05}
              y={Math.min(y(0), y(before[i].value))}
              width={step * 0.9}
              height={Math.max(1, Math.abs(y(before[i].value) - y(0)))}
              fill="none"
              stroke={INK}
              strokeWidth="1.5"
              strokeDasharray="3 2"
            />
          )}
          {v.bad && (
            <text
              x={x(i) + step / 2}
              y={Math.min(y(0), y(v.value)) - 3}
              fontSize="12"
              textAnchor="middle"
              fill={RUST}
            >
              ▼
            </text>
          )}
          <text
            x={x(i) + step / 2}
            y="164"
            fontSize={values.length > 12 ? 11 : 14}
            textAnchor="middle"
            fill={INK}
          >
            {v.at}
          </text>
        </g>
      ))}
      <line x1="20" x2="508" y1={y(0)} y2={y(0)} stroke={INK} strokeWidth="1.5" />
    </svg>
  );
}
