// Nothing moves under a hand: a click counts only where it is pressed and let go over the same element, and an answer that
// comes between would push the page aside, or put another element there. Answers wait until the hand is off.

const PRESSED = "a, button, label, summary, input[type=checkbox], input[type=radio], input[type=submit]";

/** How long a press can keep answers waiting, in milliseconds: some releases are never told, as those over a menu. */
const LONGEST = 2_000;

/** A finger's click comes a moment after it is lifted. */
const LIFTED = 60;

let waiting = null; // those that wait for the end of a press; null where nothing is pressed
let timer = 0;

const free = () => {
  clearTimeout(timer);
  const all = waiting ?? [];
  waiting = null;
  all.forEach((go) => go());
};

window.addEventListener(
  "pointerdown",
  (event) => {
    if (event.isPrimary && event.button === 0 && event.composedPath()[0].closest?.(PRESSED)) {
      waiting ??= [];
      clearTimeout(timer);
      timer = setTimeout(free, LONGEST);
    }
  },
  true,
);

["pointerup", "pointercancel", "dragend"].forEach((end) =>
  window.addEventListener(
    end,
    (event) => {
      if (waiting) {
        clearTimeout(timer);
        timer = setTimeout(free, event.pointerType === "touch" ? LIFTED : 0);
      }
    },
    true,
  ),
);

/** Comes once no hand presses anything. */
export const handsOff = () => (waiting ? new Promise((go) => waiting.push(go)) : Promise.resolve());
