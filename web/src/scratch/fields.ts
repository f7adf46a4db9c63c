import { pick } from "../ui/pick";

/** How a field of a sum is typed. */
export type FieldKind =
  "length" | "lengths" | "number" | "numbers" | "whole" | "choice" | "cents" | "habits";

export interface FieldSpec {
  key: string;
  label: string;
  kind: FieldKind;
  initial: string;
  hint?: string;
  optional?: boolean;
  choices?: readonly (readonly [value: string, label: string])[];
}

export interface CentsReading {
  fret: number;
  cents: number;
  weight?: number;
}

export interface Habit {
  held: number[];
  gaugeFret: number;
}

/** Why a field cannot be used, by its key. */
export class FieldTroubles extends Error {
  readonly fields: Record<string, string>;
  constructor(fields: Record<string, string>) {
    super("Some fields cannot be read yet.");
    this.fields = fields;
  }
}

/** The texts of a field that are lengths; the server reads them. */
export function lengthTexts(spec: FieldSpec, text: string): string[] {
  if (text.trim() === "" && spec.optional === true) return [];
  if (spec.kind === "length") return [text];
  if (spec.kind === "lengths")
    return text
      .trim()
      .split(/[\s;]+/)
      .filter(Boolean);
  return [];
}

function number(text: string): number {
  const clean = text.trim().replace("−", "-").replace(",", ".");
  const value = clean === "" ? Number.NaN : Number(clean);
  if (!Number.isFinite(value)) throw new Error(`“${text.trim()}” is not a number.`);
  return value;
}

function whole(text: string): number {
  const value = number(text);
  if (!Number.isInteger(value)) throw new Error(`“${text.trim()}” is not a whole number.`);
  return value;
}

/** Readings such as 12:+4 19:6:0.5, each fret:cents or fret:cents:weight. */
export function parseCents(text: string): CentsReading[] {
  return text
    .trim()
    .split(/[\s;]+/)
    .filter(Boolean)
    .map((item) => {
      const [fret, cents, weight, more] = item.split(":");
      if (fret === undefined || cents === undefined || more !== undefined)
        throw new Error(`“${item}” is not fret:cents, like 12:+4.`);
      const reading: CentsReading = { fret: whole(fret), cents: number(cents.replace("+", "")) };
      if (weight !== undefined) reading.weight = number(weight);
      return reading;
    });
}

/** Habits such as 1 21 8; 1 12 6: held, held, gauge. */
export function parseHabits(text: string): Habit[] {
  return text
    .split(/[;\n]+/)
    .map((part) => part.trim())
    .filter(Boolean)
    .map((part) => {
      const [low, high, gauge, more] = part.split(/\s+/);
      if (low === undefined || high === undefined || gauge === undefined || more !== undefined)
        throw new Error(`“${part}” is not held, held, gauge, like 1 12 6.`);
      return { held: [whole(low), whole(high)], gaugeFret: whole(gauge) };
    });
}

/** The values of a sum's fields once they are all read; asked for by key and kind. */
export class Values {
  private readonly specs: readonly FieldSpec[];
  private readonly texts: Record<string, string>;
  private readonly lengths: Record<string, readonly number[]>;

  constructor(
    specs: readonly FieldSpec[],
    texts: Record<string, string>,
    lengths: Record<string, readonly number[]>,
  ) {
    this.specs = specs;
    this.texts = texts;
    this.lengths = lengths;
  }

  private text(key: string): string {
    return this.texts[key] ?? this.specs.find((s) => s.key === key)?.initial ?? "";
  }

  private read<T>(key: string, how: (text: string) => T): T {
    try {
      return how(this.text(key));
    } catch (error) {
      throw new FieldTroubles({ [key]: error instanceof Error ? error.message : String(error) });
    }
  }

  length(key: string): number {
    const value = this.lengths[key]?.[0];
    if (value === undefined) throw new FieldTroubles({ [key]: "Type a length." });
    return value;
  }

  optionalLength(key: string): number | undefined {
    return this.lengths[key]?.[0];
  }

  list(key: string): number[] {
    return [...(this.lengths[key] ?? [])];
  }

  number(key: string): number {
    return this.read(key, number);
  }

  whole(key: string): number {
    return this.read(key, whole);
  }

  cents(key: string): CentsReading[] {
    return this.read(key, parseCents);
  }

  habits(key: string): Habit[] {
    return this.read(key, parseHabits);
  }

  choice<T extends string>(key: string, allowed: readonly [T, ...T[]]): T {
    return pick(this.text(key), allowed, allowed[0]);
  }
}
