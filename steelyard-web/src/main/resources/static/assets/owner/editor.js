// The page of a rate editor. What is typed is looked at by the server at each keystroke and kept when a field is left; the
// answer is the whole form, morphed into the page so that hands and focus stay where they are. Nothing is worked out here.
"use strict";

Idiomorph.defaults.ignoreActiveValue = true;

const editor = {
  typed: new Set(), // names of fields typed in since the last request went out
  unkept: false,
  acting: null,
  timer: 0,

  form() {
    return document.querySelector("form.editor");
  },

  key() {
    return "editor:" + location.pathname;
  },

  // All that is typed, as it would be sent; the token goes in a header.
  snapshot(extra = {}) {
    const body = new URLSearchParams(new FormData(editor.form()));
    Object.entries(extra).forEach(([name, value]) => body.set(name, value));
    return body;
  },

  set(id, value) {
    const field = document.getElementById(id);
    if (field && field.value !== value) {
      field.value = value;
      field.dispatchEvent(new Event("input", { bubbles: true }));
    }
  },

  say(text, link) {
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
  },

  refused(status) {
    sessionStorage.setItem(editor.key(), editor.snapshot().toString());
    if (status === 401 || status === 403) {
      editor.say("You have been signed out. What you typed is kept in this browser. ", "Sign in again");
    } else if (status === 404) {
      editor.say("This is no longer there. What you typed is still on this page.");
    } else {
      editor.say("That did not work, and it is our fault. What you typed is still on this page; try again.");
    }
  },

  state(words) {
    document.getElementById("state").textContent = words;
  },

  input(field) {
    editor.typed.add(field.name);
    if (!field.name.startsWith("t.") && !field.name.startsWith("g.")) {
      editor.unkept = true;
      editor.state("not kept yet");
      sessionStorage.setItem(editor.key(), editor.snapshot().toString());
    }
    formula.grow(field);
    clearTimeout(editor.timer);
    editor.timer = setTimeout(() => htmx.trigger(editor.form(), "look"), 50);
  },

  // A field was left, a weight let go: the edit is whole and is kept.
  settle() {
    return editor.unkept ? editor.act("keep") : Promise.resolve();
  },

  // One wish after the other; a look on its way is given up for it.
  act(wish, extra = {}) {
    clearTimeout(editor.timer);
    htmx.trigger(editor.form(), "htmx:abort");
    editor.unkept = false; // whatever is typed until it is sent goes along
    const before = editor.acting || Promise.resolve();
    const mine = before.then(() => editor.ask(wish, extra));
    editor.acting = mine;
    return mine.finally(() => {
      if (editor.acting === mine) {
        editor.acting = null;
        if (editor.typed.size > 0) {
          htmx.trigger(editor.form(), "look");
        }
      }
    });
  },

  async ask(wish, extra) {
    const body = editor.snapshot({ ...extra, do: wish });
    editor.typed.clear();
    editor.unkept = false;
    editor.state("…");
    let answer;
    try {
      answer = await fetch(editor.form().getAttribute("hx-post"), {
        method: "POST",
        headers: { "HX-Request": "true", ...token.header() },
        body,
      });
    } catch (unreachable) {
      editor.unkept = true;
      editor.refused(0);
      editor.say("Steelyard cannot be reached. What you typed is kept here; try again in a moment.");
      return;
    }
    if (!answer.ok && answer.status !== 409) {
      editor.unkept = true;
      editor.refused(answer.status);
      return;
    }
    const known = new Set(Array.from(document.querySelectorAll(".editor [name]"), (field) => field.name));
    Idiomorph.morph(editor.form(), await answer.text(), { morphStyle: "outerHTML", callbacks: editor.callbacks });
    htmx.process(editor.form());
    if (answer.status === 409) {
      editor.unkept = true;
      editor.state("not kept: somebody else was quicker");
      document.getElementById("notice").scrollIntoView({ block: "nearest" });
    } else {
      sessionStorage.removeItem(editor.key());
      document.getElementById("offline").hidden = true;
      editor.state(editor.unkept ? "not kept yet" : "kept");
    }
    editor.after();
    if (wish === "hang" || wish.startsWith("add-")) {
      const fresh = Array.from(document.querySelectorAll(".editor .bench [name]:not([type=hidden])"));
      (fresh.find((field) => !known.has(field.name)) || { focus() {} }).focus();
    }
  },

  callbacks: {
    // What was typed since the request went out is newer than its answer.
    beforeAttributeUpdated(name, node) {
      const newer = (name === "value" || name === "checked") && editor.typed.has(node.name);
      return !newer && !(name === "open" && node.tagName === "DETAILS");
    },
    beforeNodeMorphed(node) {
      const heldSentence = sentence.editing && node.id === "sentence";
      const newer = ["TEXTAREA", "SELECT"].includes(node.tagName) && editor.typed.has(node.name);
      return !heldSentence && !newer;
    },
  },

  after() {
    formula.all();
    if (beam.held && document.getElementById(beam.held.id)) {
      document.getElementById(beam.held.id).classList.add("held");
    }
  },

  async step(code) {
    await editor.settle();
    await editor.act("keep", { step: code });
    history.replaceState(null, "", "?step=" + code);
    window.scrollTo(0, 0);
  },

  // Where in its grid a cell is, by its name; -1 for the sizes, and for the corner both.
  gridPlace(name) {
    const [, rows, columns, row, column] = /\/(?:rows\/(\d+)|columns\/(\d+)|prices\/(\d+)\/(\d+))$/.exec(name) || [];
    return { row: rows || row || "-1", column: columns || column || "-1" };
  },

  // The beam's wishes.
  takeOff(field) {
    const row = field.name.replace(/\/value$/, "");
    editor.settle().then(() => editor.act("remove", { at: row }));
  },

  hang(from) {
    const table = document.querySelector(".breaks[data-rows]");
    if (table) {
      editor.settle().then(() => editor.act("hang", { at: table.dataset.rows, from: String(from) }));
    }
  },

  async upload(input) {
    const field = document.getElementById(input.dataset.picture);
    const error = document.getElementById("upload-" + input.dataset.picture);
    const file = input.files[0];
    if (!file) {
      return;
    }
    if (file.size > 5000000) {
      error.textContent = `This file has ${Math.round(file.size / 1000000)} MB; a picture may have up to 5 MB.`;
      return;
    }
    const body = new FormData();
    body.set("picture", file);
    const answer = await fetch("/pictures", { method: "POST", headers: { "HX-Request": "true", ...token.header() }, body });
    const text = await answer.text();
    if (answer.ok) {
      await editor.settle();
      await editor.act("set", { at: field.name, to: text });
    } else {
      error.textContent = answer.status === 422 ? text : "This file could not be taken in.";
    }
  },

  async csv(input) {
    const file = input.files[0];
    if (file) {
      const value = await file.text();
      input.value = "";
      await editor.settle();
      await editor.act("paste-grid", { at: input.dataset.csv, row: "-1", column: "-1", value });
    }
  },
};

// While a wish is on its way, no answer to an earlier keystroke may overtake it; the look is made up for afterwards.
document.addEventListener("htmx:beforeRequest", (event) => {
  if (editor.acting && event.target.matches(".editor")) {
    event.preventDefault();
  } else if (event.target.matches(".editor")) {
    editor.typed.clear();
  }
});
document.addEventListener("htmx:afterRequest", (event) => {
  if (event.target.matches(".editor") && event.detail.successful) {
    editor.state(editor.unkept ? "not kept yet" : "kept");
    editor.after();
  }
});
document.addEventListener("htmx:responseError", (event) => editor.refused(event.detail.xhr.status));
document.addEventListener("htmx:sendError", () => {
  editor.say("Steelyard cannot be reached. What you typed is kept here; try again in a moment.");
});
// Looks are morphed by htmx's extension with the same care.
Object.assign(Idiomorph.defaults.callbacks, editor.callbacks);

document.addEventListener("input", (event) => {
  const field = event.target.closest(".editor [name]");
  if (field && !field.dataset.change && field.type !== "file") {
    editor.input(field);
  }
});

document.addEventListener("change", (event) => {
  const field = event.target;
  if (!field.closest(".editor")) {
    return;
  }
  if (field.dataset.picture) {
    editor.upload(field);
  } else if (field.dataset.csv) {
    editor.csv(field);
  } else if (field.dataset.change === "add-text") {
    const value = field.value;
    editor.settle().then(() => editor.act("add-text", { at: field.dataset.at, value }));
  } else if (field.dataset.change) {
    const to = field.value;
    editor.settle().then(() => editor.act(field.dataset.change, { at: field.dataset.at || "", to }));
  } else if (field.name && field.name.startsWith("t.")) {
    editor.act("keep");
  } else if (!field.name || !field.name.startsWith("g.")) {
    editor.settle();
  }
});

// A field that was changed and changed back says nothing of it when it is left.
document.addEventListener("focusout", (event) => {
  if (event.target.closest(".editor [name]") && !beam.held && !sentence.editing) {
    editor.settle();
  }
});

document.addEventListener("click", (event) => {
  const step = event.target.closest(".editor a[data-step]");
  if (step && !event.ctrlKey && !event.metaKey && !event.shiftKey) {
    event.preventDefault();
    editor.step(step.dataset.step);
    return;
  }
  const button = event.target.closest(".editor button");
  if (!button) {
    return;
  }
  if (button.dataset.edit) {
    sentence.edit(button);
  } else if (button.dataset.do) {
    const { do: wish, ...extra } = button.dataset;
    const first = ["take-theirs", "keep-mine"].includes(wish) ? Promise.resolve() : editor.settle();
    first.then(() => editor.act(wish, extra));
  }
});

document.addEventListener("keydown", (event) => {
  const field = event.target.closest(".editor input, .editor textarea");
  if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z" && !field) {
    event.preventDefault();
    editor.settle().then(() => editor.act(event.shiftKey ? "redo" : "undo"));
  }
  if (event.key === "Enter" && field) {
    event.preventDefault(); // nothing is sent by accident
    editor.settle();
  }
});

document.addEventListener("paste", (event) => {
  const text = event.clipboardData.getData("text/plain");
  const cell = event.target.closest(".editor input");
  if (!cell || !(/[\t\n]/.test(text.trimEnd()) || cell.closest(".corner"))) {
    return;
  }
  const grid = cell.closest("[data-grid]");
  const rows = cell.closest("[data-rows]");
  if (grid) {
    event.preventDefault();
    const place = { at: grid.dataset.grid, ...editor.gridPlace(cell.name) };
    editor.settle().then(() => editor.act("paste-grid", { ...place, value: text }));
  } else if (rows && cell.dataset.column) {
    event.preventDefault();
    const place = { at: rows.dataset.rows, row: cell.dataset.row, column: cell.dataset.column };
    editor.settle().then(() => editor.act("paste-rows", { ...place, value: text }));
  }
});

// Leaving the page keeps what is typed, though nobody waits for the answer.
window.addEventListener("pagehide", () => {
  if (editor.unkept && document.querySelector("#notice[data-conflict]") === null) {
    fetch(editor.form().getAttribute("hx-post"), {
      method: "POST",
      headers: { "HX-Request": "true", ...token.header() },
      body: editor.snapshot({ do: "keep" }),
      keepalive: true,
    });
  }
});

// What could not be kept before an expired session or a closed lid is put back and kept.
(function restore() {
  const left = sessionStorage.getItem(editor.key());
  sessionStorage.removeItem(editor.key());
  if (!left) {
    return;
  }
  const typed = new URLSearchParams(left);
  let changed = false;
  typed.forEach((value, name) => {
    const field = editor.form().elements[name];
    if (field && field.tagName && field.type !== "hidden" && field.type !== "checkbox" && field.value !== value) {
      field.value = value;
      changed = true;
    }
  });
  if (changed) {
    editor.unkept = true;
    editor.act("keep").then(() => editor.say("What you had typed before is back, and kept now. Undo takes it away."));
  }
})();

beam.host = editor;
sentence.host = editor;
editor.after();
