/** A promise that the test keeps when it is time. */
export function later<T>(): { promise: Promise<T>; keep: (value: T) => void } {
  const keeping: ((value: T) => void)[] = [];
  const promise = new Promise<T>((resolve) => {
    keeping.push(resolve);
  });
  return { promise, keep: (value) => keeping[0]?.(value) };
}
