/** The allowed value that a select holds. */
export function pick<T extends string>(value: string, allowed: readonly T[], otherwise: T): T {
  return allowed.find((a) => a === value) ?? otherwise;
}
