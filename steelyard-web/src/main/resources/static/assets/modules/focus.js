// Where the hands are after a wish: on what it made, or on what has taken the place of what it took away. Never at the page's
// beginning.

const REACHABLE = "a[href], button:not(:disabled), input:not([type=hidden]):not(:disabled), select, textarea, summary";

/** @returns {HTMLElement[]} all that can be reached in the form, in order */
const reachable = () =>
  Array.from(document.querySelectorAll(".editor")).flatMap((form) =>
    Array.from(form.querySelectorAll(REACHABLE)).filter((one) => one.offsetParent !== null),
  );

const names = () => new Set(Array.from(document.querySelectorAll(".editor [name]"), (field) => field.name));
const MAKING = ["hang", "ladder", "rate-breaks", "own-amount", "write-cases", "set", "pick-add"];
const makes = (wish) => MAKING.includes(wish) || wish.startsWith("add-");

/** The button of a wish at a place. */
const button = (wish, at) => document.querySelector(`.editor [data-do="${wish}"][data-at="${CSS.escape(at)}"]`);

/** A place in a list, moved by so many items. */
const beside = (at, by) => at.replace(/\d+$/, (index) => String(Math.max(0, Number(index) + by)));

const usable = (one) => one && !one.disabled && one.offsetParent !== null;

export const focus = {
  /**
   * Where the hands are before a wish.
   * @param {string} wish
   * @param {Record<string, string>} extra
   */
  place(wish, extra) {
    const active = document.activeElement;
    const inForm = active && active.closest(".editor") !== null;
    return { wish, at: extra.at || "", id: active ? active.id : "", index: inForm ? reachable().indexOf(active) : -1, known: makes(wish) ? names() : null };
  },

  /** @param {ReturnType<typeof focus.place>} place */
  after(place) {
    if (place.known) {
      const made = Array.from(document.querySelectorAll(".editor .bench [name]:not([type=hidden])")).filter(
        (field) => !place.known.has(field.name),
      );
      const fresh = made.find((field) => field.closest("[data-rows] tbody")) || made[0];
      if (fresh) {
        fresh.focus();
        fresh.select?.();
        return;
      }
    }
    if (place.wish === "up" || place.wish === "down") {
      const by = place.wish === "up" ? -1 : 1;
      const moved = [button(place.wish, beside(place.at, by)), button(by < 0 ? "down" : "up", beside(place.at, by))];
      moved.find(usable)?.focus();
      return;
    }
    if (place.index < 0 || (document.activeElement && document.activeElement !== document.body)) {
      return;
    }
    const left = reachable();
    const sensible = [
      place.id && document.getElementById(place.id),
      button(place.wish, place.at),
      /\d$/.test(place.at) && button(place.wish, beside(place.at, -1)),
      left[Math.min(place.index, left.length - 1)],
    ];
    sensible.find(usable)?.focus();
  },
};
