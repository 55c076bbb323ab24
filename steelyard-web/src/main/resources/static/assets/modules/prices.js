// The prices page: edits of the table, undo, paste, the sentence's numbers, and keeping what is typed when the
// session or the connection is gone. Prices and pictures come from the server; nothing is worked out here.
import { beam } from "./beam.js";
import { headers } from "./request.js";
import { sentence } from "./sentence.js";
import { alongColumn } from "./table.js";

const prices = {
  undoStack: [],
  settled: "",

  form() {
    return document.getElementById("editor");
  },

  // All that is typed, as it would be sent.
  snapshot() {
    const typed = new URLSearchParams(new FormData(prices.form()));
    typed.delete("_csrf"); // differs from page to page and goes in a header
    return typed.toString();
  },

  key() {
    return "typed:" + location.pathname + "#" + prices.form().elements.variant.value;
  },

  keep() {
    sessionStorage.setItem(prices.key(), prices.snapshot());
  },

  // Called when an edit is whole (a field left, a weight let go): what was before it can be had again by undo.
  settle() {
    const now = prices.snapshot();
    if (now !== prices.settled) {
      prices.undoStack.push(prices.settled);
      prices.settled = now;
      prices.keep();
      prices.showUndo();
    }
  },

  showUndo() {
    document.getElementById("undo").disabled = prices.undoStack.length === 0;
  },

  set(field, value) {
    const input = document.getElementById(field);
    if (input && input.value !== value) {
      input.value = value;
      input.dispatchEvent(new Event("input", { bubbles: true }));
    }
  },

  // Asks the server for the editor after a change of the table as a whole.
  async edit(wish, extra = {}, state = prices.snapshot()) {
    const body = new URLSearchParams(state);
    body.set("do", wish);
    Object.entries(extra).forEach(([name, value]) => body.set(name, value));
    let answer;
    try {
      answer = await fetch(prices.form().dataset.editUrl, {
        method: "POST",
        headers: headers(),
        body,
      });
    } catch (unreachable) {
      prices.say("Steelyard cannot be reached. What you typed is kept here; try again in a moment.");
      return;
    }
    if (!answer.ok) {
      prices.refused(answer.status);
      return;
    }
    const focused = document.activeElement && document.activeElement.id;
    prices.form().outerHTML = await answer.text();
    htmx.process(prices.form());
    prices.afterSwap();
    if (focused && document.getElementById(focused)) {
      document.getElementById(focused).focus();
    }
  },

  async change(wish, extra) {
    prices.settle();
    await prices.edit(wish, extra);
    prices.settle();
  },

  async undo() {
    prices.settle();
    const before = prices.undoStack.pop();
    if (before !== undefined) {
      await prices.edit("show", {}, before);
      prices.settled = prices.snapshot();
      prices.keep();
      prices.showUndo();
    }
  },

  refused(status) {
    if (status === 401 || status === 403) {
      prices.keep();
      prices.say("You have been signed out. What you typed is kept. ", "Sign in again");
    } else if (status === 404) {
      prices.say("This product is no longer there: it was deleted meanwhile. What you typed is still on this page.");
    } else {
      prices.say("That did not work, and it is our fault. What you typed is still on this page; try again.");
    }
  },

  say(text, link) {
    const box = document.getElementById("offline");
    box.textContent = text;
    if (link) {
      const anchor = document.createElement("a");
      anchor.href = location.href;
      anchor.textContent = link;
      box.append(anchor);
    }
    box.hidden = false;
  },

  // Marks fields with errors, and shows in open cells what counts there.
  afterSwap() {
    document.querySelectorAll(".field-error[data-for]").forEach((error) => {
      const field = document.getElementById(error.dataset.for);
      if (field) {
        field.setAttribute("aria-invalid", error.textContent === "" ? "false" : "true");
      }
    });
    document.querySelectorAll("[data-placeholder]").forEach((open) => {
      const field = document.getElementById(open.dataset.placeholder);
      if (field) {
        field.placeholder = open.textContent;
      }
    });
    prices.showUndo();
  },

  // The beam asks for a weight's field to be emptied: the whole row where it is everyone's.
  takeOff(field) {
    prices.change("take-off", { row: field.dataset.row, group: field.name.replace("price-", "") });
  },

  hang(quantity) {
    const perPiece = document.getElementById("per-piece");
    prices.change("hang", { atFrom: quantity, atPrice: perPiece ? perPiece.textContent.replace(/,/g, "") : "" });
  },

  restoreTyped() {
    const typed = sessionStorage.getItem(prices.key());
    prices.settled = prices.snapshot();
    if (typed && typed !== prices.settled) {
      prices.edit("show", {}, typed).then(() => {
        prices.undoStack.push(prices.settled);
        prices.settled = prices.snapshot();
        prices.showUndo();
        if (document.getElementById("state").dataset.unsaved !== "0") {
          prices.say("What you had typed before is back; it is not saved yet. Undo takes it away.");
        }
      });
    }
  },
};

document.addEventListener("input", (event) => {
  if (event.target.closest("#editor")) {
    prices.keep();
  }
});

document.addEventListener("change", (event) => {
  if (event.target.closest("#editor")) {
    prices.settle();
  }
});

document.addEventListener("click", (event) => {
  const button = event.target.closest("button");
  if (!button || !button.closest("#editor")) {
    return;
  }
  if (button.id === "undo") {
    prices.undo();
  } else if (button.dataset.edit) {
    sentence.edit(button);
  } else if (button.dataset.do) {
    prices.change(button.dataset.do, { row: button.dataset.row || "" }).then(() => {
      if (button.dataset.do === "hang") {
        const rows = document.querySelectorAll('input[name="from"]');
        rows[rows.length - 1].focus();
      }
    });
  } else if (button.dataset.mend) {
    const field = document.getElementById(button.dataset.mend);
    if (button.dataset.value) {
      prices.set(field.id, button.dataset.value);
      prices.settle();
    } else {
      prices.takeOff(field);
    }
  }
});

document.addEventListener("keydown", async (event) => {
  const field = event.target.closest("#editor input");
  if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z" && !event.shiftKey) {
    event.preventDefault(); // undo goes by whole edits, in a field too
    prices.undo();
  } else if (field && field.dataset.column && alongColumn(event, field)) {
    if (event.key === "Enter") {
      const column = field.dataset.column;
      await prices.change("hang", {});
      document.querySelector(`#breaks tbody tr:last-child input[data-column="${column}"]`)?.focus();
    }
  } else if (event.key === "Enter" && field) {
    event.preventDefault(); // nothing is saved by accident
  }
});

document.addEventListener("paste", (event) => {
  const cell = event.target.closest("input[data-column]");
  const text = event.clipboardData.getData("text/plain");
  if (cell && /[\t\n]/.test(text.trimEnd())) {
    event.preventDefault();
    prices.change("paste", { pasted: text, row: cell.dataset.row, column: cell.dataset.column });
  }
});

// While a number is edited in the sentence, the sentence stays as it is.
document.addEventListener("htmx:oobBeforeSwap", (event) => {
  if (sentence.editing && event.detail.target.id === "sentence") {
    event.detail.shouldSwap = false;
  }
});

// While a save is on its way, no answer to an earlier keystroke may overtake it.
document.addEventListener("htmx:beforeRequest", (event) => {
  if (event.target.id === "save") {
    prices.saving = true;
    htmx.trigger(prices.form(), "htmx:abort");
  } else if (prices.saving && event.target.id === "editor") {
    event.preventDefault();
  }
});

document.addEventListener("htmx:afterRequest", (event) => {
  const detail = event.detail;
  if (detail.requestConfig.path.endsWith("/save")) {
    prices.saving = false;
  }
  if (detail.requestConfig.path.endsWith("/save") && detail.xhr.status === 200) {
    sessionStorage.removeItem(prices.key());
    prices.undoStack = [];
    prices.settled = prices.snapshot();
  }
  prices.afterSwap();
});

document.addEventListener("htmx:responseError", (event) => prices.refused(event.detail.xhr.status));
document.addEventListener("htmx:sendError", () => {
  prices.say("Steelyard cannot be reached. What you typed is kept here; try again in a moment.");
});

beam.host = prices;
sentence.host = prices;
prices.afterSwap();
prices.restoreTyped();
