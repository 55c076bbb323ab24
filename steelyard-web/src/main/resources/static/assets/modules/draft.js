// The form of a draft: what is typed in it, what is on its way, and the answers morphed into the page.
import { beam } from "./beam.js";
import { focus } from "./focus.js";
import { formula } from "./formula.js";
import { handsOff } from "./hands.js";
import { headers } from "./request.js";
import { sentence } from "./sentence.js";

const AWAY = "Steelyard cannot be reached. What you typed is kept here; try again in a moment.";
const OURS = "That did not work, and it is our fault. What you typed is still on this page; try again.";

/** How long one is let type before the server looks, in milliseconds. */
const PAUSE = 50;

const typed = new Set(); // names of fields typed in since the last request went out
let unkept = false;
let acting = null; // the wish on its way, or the last that waits
let looking = null; // the look on its way
let timer = 0;

const inConflict = () => document.querySelector("#notice[data-conflict]") !== null;
const form = () => document.querySelector("form.editor");
const key = () => "editor:" + location.pathname;
const state = (words) => {
  document.getElementById("state").textContent = words;
};

/**
 * All that is typed, as it would be sent.
 * @param {Record<string, string>} extra what goes beside it
 */
const snapshot = (extra = {}) => {
  const body = new URLSearchParams(new FormData(form()));
  Object.entries(extra).forEach(([name, value]) => body.set(name, value));
  return body;
};

/**
 * @param {Record<string, string>} extra
 * @param {RequestInit} how
 */
const send = (extra, how = {}) =>
  fetch(form().dataset.edit, { method: "POST", headers: headers(), body: snapshot(extra), ...how });

const say = (text, link) => {
  const box = document.getElementById("offline");
  if (!box.hidden && box.dataset.text === text) {
    return; // a link in it may just be under the hand
  }
  box.dataset.text = text;
  box.textContent = text;
  if (link) {
    const anchor = document.createElement("a");
    anchor.href = location.href;
    anchor.textContent = link;
    box.append(anchor);
  }
  box.hidden = false;
};

const refused = (status) => {
  sessionStorage.setItem(key(), snapshot().toString());
  if (status === 0) {
    say(AWAY);
  } else if (status === 401 || status === 403) {
    say("You have been signed out. What you typed is kept in this browser. ", "Sign in again");
  } else if (status === 404) {
    say("This is no longer there. What you typed is still on this page.");
  } else {
    say(OURS);
  }
};

/** What was typed since the request went out is newer than its answer. */
const callbacks = {
  beforeAttributeUpdated(name, node) {
    const newer = (name === "value" || name === "checked") && typed.has(node.name);
    return !newer && !(name === "open" && node.tagName === "DETAILS");
  },
  beforeNodeMorphed(node) {
    const heldSentence = sentence.editing && node.id === "sentence";
    const newer = ["TEXTAREA", "SELECT"].includes(node.tagName) && typed.has(node.name);
    return !heldSentence && !newer;
  },
};

/**
 * Puts an answer in place of the form. One with somebody else's changes in it takes nothing from the fields as they are.
 * @param {string} answer
 * @param {boolean} wished whether it may have changed the field under the hand: pasted into it, undone
 */
const put = (answer, wished = false) => {
  const merged = answer.includes("data-merged");
  if (merged) {
    typed.clear();
  }
  // of a button under the hand all is taken; of a field it would be the value that is left alone
  const inField = document.activeElement?.matches("input, textarea, select") ?? false;
  Idiomorph.morph(form(), answer, { morphStyle: "outerHTML", ignoreActiveValue: inField && !merged && !wished, callbacks });
  formula.grown();
  if (beam.held && document.getElementById(beam.held.id)) {
    document.getElementById(beam.held.id).classList.add("held");
  }
};

const look = async () => {
  if (acting) {
    return; // it is made up for afterwards
  }
  looking?.abort();
  const mine = new AbortController();
  looking = mine;
  typed.clear();
  try {
    const answer = await send({ do: "look" }, { signal: mine.signal });
    const text = answer.ok ? await answer.text() : "";
    await handsOff();
    if (!answer.ok) {
      refused(answer.status);
    } else if (looking === mine && !acting) {
      put(text);
      state(unkept ? "not kept yet" : "kept");
    }
  } catch (failed) {
    if (!mine.signal.aborted) {
      refused(0);
    }
  }
};

const later = () => {
  clearTimeout(timer);
  timer = setTimeout(look, PAUSE);
};

const ask = async (wish, extra) => {
  const place = focus.place(wish, extra);
  const body = { ...extra, do: wish };
  let answer;
  try {
    const sent = send(body);
    typed.clear();
    unkept = false;
    state("…");
    answer = await sent;
  } catch (unreachable) {
    unkept = true;
    refused(0);
    return;
  }
  if (!answer.ok && answer.status !== 409) {
    unkept = true;
    refused(answer.status);
    return;
  }
  const text = await answer.text();
  await handsOff();
  put(text, wish !== "keep" && answer.ok);
  if (answer.status === 409) {
    unkept = true;
    state("not kept: somebody else was quicker");
    document.getElementById("notice").scrollIntoView({ block: "nearest" });
  } else {
    sessionStorage.removeItem(key());
    document.getElementById("offline").hidden = true;
    state(unkept ? "not kept yet" : "kept");
  }
  focus.after(place);
};

export const draft = {
  form,

  /** Types a value into a field. */
  set(id, value) {
    const field = document.getElementById(id);
    if (field && field.value !== value) {
      field.value = value;
      field.dispatchEvent(new Event("input", { bubbles: true }));
    }
  },

  /** @param {HTMLInputElement} field that something was typed in */
  input(field) {
    typed.add(field.name);
    if (!/^[tgm][.:]/.test(field.name)) {
      unkept = true;
      state("not kept yet");
      sessionStorage.setItem(key(), snapshot().toString());
    }
    formula.grow(field);
    later();
  },

  /** A field was left, a weight let go: the edit is whole and is kept. */
  settle() {
    // while two people's changes wait to be picked, nothing is kept by merely leaving a field
    return unkept && !inConflict() ? draft.act("keep") : acting || Promise.resolve();
  },

  /** Keeps what is typed, then does what is wished; picking between two people's changes is about what is typed. */
  async wish(wish, extra = {}) {
    if (!["take-theirs", "keep-mine", "settle"].includes(wish)) {
      await draft.settle();
      if (inConflict()) {
        // it would only be refused once more, over what is being picked just then
        document.getElementById("notice").scrollIntoView({ block: "nearest" });
        return;
      }
    }
    await draft.act(wish, extra);
  },

  /** One wish after the other; a look on its way is given up for it. */
  act(wish, extra = {}) {
    clearTimeout(timer);
    looking?.abort();
    unkept = false; // whatever is typed until it is sent goes along
    const before = acting || Promise.resolve();
    const mine = before.then(() => ask(wish, extra));
    acting = mine;
    return mine.finally(() => {
      if (acting === mine) {
        acting = null;
        if (typed.size > 0) {
          look();
        }
      }
    });
  },

  async step(code) {
    await draft.settle();
    await draft.act("keep", { step: code });
    history.replaceState(null, "", "?step=" + code);
    window.scrollTo(0, 0);
  },

  /** Goes where a link leads once all that was typed is kept, so that it is seen there; what cannot be kept holds one here. */
  async follow(href) {
    await draft.settle();
    if (unkept) {
      document.getElementById("notice")?.scrollIntoView({ block: "nearest" });
    } else {
      location.assign(href);
    }
  },

  // The beam's wishes.
  takeOff(field) {
    draft.wish("remove", { at: field.name.replace(/\/value$/, "") });
  },

  hang(from) {
    const table = document.querySelector(".breaks[data-rows]");
    if (table) {
      draft.wish("hang", { at: table.dataset.rows, from: String(from) });
    }
  },

  /** Leaving the page keeps what is typed, though nobody waits for the answer. */
  leave() {
    if (unkept && !inConflict()) {
      send({ do: "keep" }, { keepalive: true });
    }
  },

  /** What was typed before this script was there is typed all the same. */
  early() {
    const changed = (field) =>
      field.tagName === "SELECT"
        ? Array.from(field.options).some((option) => option.selected !== option.defaultSelected && field.querySelector("[selected]"))
        : ["checkbox", "radio"].includes(field.type)
          ? field.checked !== field.defaultChecked
          : field.type !== "hidden" && field.type !== "file" && field.value !== field.defaultValue;
    const early = Array.from(form().elements).filter((field) => field.name && changed(field));
    early.forEach((field) => draft.input(field));
    if (early.length > 0 && !early.includes(document.activeElement)) {
      draft.settle();
    }
  },

  /** What could not be kept before an expired session or a closed lid is put back and kept. */
  restore() {
    const left = sessionStorage.getItem(key());
    sessionStorage.removeItem(key());
    let changed = false;
    new URLSearchParams(left || "").forEach((value, name) => {
      const field = form().elements[name];
      if (field && field.tagName && !["hidden", "checkbox", "radio"].includes(field.type) && field.value !== value) {
        field.value = value;
        changed = true;
      }
    });
    if (changed) {
      unkept = true;
      draft.act("keep").then(() => say("What you had typed before is back, and kept now. Undo takes it away."));
    }
  },
};
