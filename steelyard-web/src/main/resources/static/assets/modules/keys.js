// What keys do on the page of a draft. The list that “?” shows stands in the template.
import { draft } from "./draft.js";
import { alongColumn } from "./table.js";

const FIELD = "input:not([type=hidden]):not(:disabled), select, textarea";

const first = (selector) => {
  const field = Array.from(document.querySelectorAll(selector)).find((one) => one.offsetParent !== null);
  field?.focus();
  field?.select?.();
};

/** Goes so many steps on. */
const steps = async (by) => {
  const links = Array.from(document.querySelectorAll(".rail a[data-step]"));
  const now = links.findIndex((link) => link.getAttribute("aria-current"));
  const to = links[now + by];
  if (to) {
    await draft.step(to.dataset.step);
    first(".editor .bench :is(" + FIELD + ")");
  }
};

/** The keys of our own, by what the event says. */
const OWN = {
  F2: () => first(".editor .bench :is(" + FIELD + ")"),
  F4: () => first(document.activeElement.closest(".trial") ? ".editor .bench :is(" + FIELD + ")" : ".editor .trial :is(" + FIELD + ")"),
  F8: () => steps(1),
  "Shift+F8": () => steps(-1),
  F9: () => first(["[data-do^=add-]", "[data-do=hang]", "[data-do=ladder]", "[data-do=keep-weight]"].map((one) => ".editor .bench " + one).join(", ")),
};

/** One more row under the last one, with the hands in the same column. */
const oneMore = async (field) => {
  const table = field.closest("[data-rows]");
  if (table) {
    const column = field.dataset.column;
    await draft.wish("hang", { at: table.dataset.rows });
    first(`.editor [data-rows="${CSS.escape(table.dataset.rows)}"] tbody tr:last-child input[data-column="${column}"]`);
  }
};

export const keys = {
  /** @param {KeyboardEvent} event */
  async pressed(event) {
    const own = OWN[(event.shiftKey ? "Shift+" : "") + event.key];
    const field = event.target.closest(".editor input, .editor textarea, .editor select");
    if (own) {
      event.preventDefault();
      await own();
    } else if (event.key === "?" && !event.target.closest("input, textarea, select")) {
      event.preventDefault();
      document.getElementById("keys").showModal();
    } else if ((event.ctrlKey || event.metaKey) && ["z", "y"].includes(event.key.toLowerCase()) && !event.target.closest("dialog")) {
      event.preventDefault(); // undo goes by whole edits, in a field too
      await draft.wish(event.shiftKey || event.key.toLowerCase() === "y" ? "redo" : "undo");
    } else if (alongColumn(event, field)) {
      if (event.key === "Enter") {
        await oneMore(field);
      }
    } else if (event.key === "Enter" && field && field.tagName !== "SELECT") {
      event.preventDefault(); // nothing is sent by accident
      await draft.settle();
    }
  },
};
