/** How a measuring device ends what it types. */
export type Ending = "Enter" | "Tab" | "pause";

/** Faster than any hand: the signs of a device come at this distance, ms. */
const APART = 4;

/** Types into the field that has the cursor, sign by sign, as a caliper with a keyboard cable does. */
export async function standInCaliper(text: string, ending: Ending): Promise<void> {
  const field = document.activeElement;
  if (!(field instanceof HTMLInputElement)) return;
  for (const sign of text) {
    // the page must see it as typed, whoever set the value
    Reflect.set(HTMLInputElement.prototype, "value", field.value + sign, field);
    field.dispatchEvent(new Event("input", { bubbles: true }));
    await new Promise((done) => setTimeout(done, APART));
  }
  if (ending !== "pause")
    field.dispatchEvent(
      new KeyboardEvent("keydown", { key: ending, bubbles: true, cancelable: true }),
    );
}
