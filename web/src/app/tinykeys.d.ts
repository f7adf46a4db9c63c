/** The library's own types are not where its package says that they are. */
declare module "tinykeys" {
  export type KeyBindingPress = [mods: string[], key: string | RegExp];
  export function parseKeybinding(text: string): KeyBindingPress[];
  export function matchKeyBindingPress(event: KeyboardEvent, press: KeyBindingPress): boolean;
}
