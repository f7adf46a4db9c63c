/** What this browser is to do when something has come to its end: kept here, for each bench is another room. */
const SOUND = "barytone.notices.sound";
const NOTICE = "barytone.notices.browser";
const HANDS = "barytone.hands";

export const wantsSound = () => localStorage.getItem(SOUND) === "yes";
export const keepSound = (on: boolean) => localStorage.setItem(SOUND, on ? "yes" : "no");

export const canNotice = () => "Notification" in window;
// the browser's own word is asked for last: it comes from another process, and every page asks at every drawing
export const wantsNotice = () =>
  localStorage.getItem(NOTICE) === "yes" && canNotice() && Notification.permission === "granted";

/** Asks the browser, which asks whoever sits before it. */
export async function keepNotice(on: boolean): Promise<boolean> {
  if (!on || !canNotice()) {
    localStorage.setItem(NOTICE, "no");
    return false;
  }
  const allowed = (await Notification.requestPermission()) === "granted";
  localStorage.setItem(NOTICE, allowed ? "yes" : "no");
  return allowed;
}

/** Whose hands work at this window; empty where one works alone. */
export const hands = () => localStorage.getItem(HANDS) ?? "";
export const keepHands = (name: string) => localStorage.setItem(HANDS, name.trim());

/** Two soft tones, a fifth apart. */
export function chime(): void {
  const context = new AudioContext();
  [392, 588].forEach((frequency, i) => {
    const tone = context.createOscillator();
    const loud = context.createGain();
    const begins = context.currentTime + 0.16 * i;
    tone.frequency.value = frequency;
    loud.gain.setValueAtTime(0.0001, begins);
    loud.gain.exponentialRampToValueAtTime(0.12, begins + 0.03);
    loud.gain.exponentialRampToValueAtTime(0.0001, begins + 0.7);
    tone.connect(loud).connect(context.destination);
    tone.start(begins);
    tone.stop(begins + 0.75);
  });
  setTimeout(() => void context.close(), 1500);
}
