// The page of a draft. What is typed is looked at by the server at each keystroke and kept when a field is left; the answer
// is the whole form, morphed into the page so that hands and focus stay where they are. Nothing is worked out here.
import { beam } from "./beam.js";
import { keys } from "./keys.js";
import { pasted } from "./pasted.js";
import { draft } from "./draft.js";
import { formula } from "./formula.js";
import { sentence } from "./sentence.js";
import { csv, upload } from "./files.js";

beam.host = draft;
sentence.host = draft;

/** Fields whose change is a wish of its own, by the word in data-change. */
const changed = (field) => {
  const { change: wish, at = "" } = field.dataset;
  const value = field.value;
  draft.wish(wish, wish === "add-text" ? { at, value } : { at, to: value });
};

document.addEventListener("input", (event) => {
  const field = event.target.closest(".editor [name]");
  if (field && !field.dataset.change && field.type !== "file" && !field.name.startsWith("m:")) {
    draft.input(field);
  }
});

document.addEventListener("change", (event) => {
  const field = event.target;
  if (!field.closest(".editor")) {
    return;
  }
  if (field.dataset.picture) {
    upload(field);
  } else if (field.dataset.csv) {
    csv(field);
  } else if (field.dataset.change) {
    changed(field);
  } else if (field.name && field.name.startsWith("t.")) {
    draft.act("keep");
  } else if (!field.name || !(field.name.startsWith("g.") || field.name.startsWith("m:"))) {
    draft.settle();
  }
});

// A field that was changed and changed back says nothing of it when it is left.
document.addEventListener("focusout", (event) => {
  if (event.target.closest(".editor [name]") && !beam.held && !sentence.editing) {
    draft.settle();
  }
});

document.addEventListener("click", (event) => {
  const plain = !event.ctrlKey && !event.metaKey && !event.shiftKey;
  const step = event.target.closest(".editor a[data-step]");
  if (step && plain) {
    event.preventDefault();
    draft.step(step.dataset.step);
    return;
  }
  const compare = event.target.closest("#to-live");
  if (compare && plain) {
    event.preventDefault();
    draft.follow(compare.href);
    return;
  }
  const button = event.target.closest(".editor button");
  if (!button) {
    return;
  }
  if ("keys" in button.dataset) {
    document.getElementById("keys").showModal();
  } else if (button.dataset.edit) {
    sentence.edit(button);
  } else if (button.dataset.do) {
    const { do: wish, ...extra } = button.dataset;
    draft.wish(wish, extra);
  }
});

document.addEventListener("keydown", (event) => keys.pressed(event));
document.addEventListener("paste", (event) => pasted(event));
window.addEventListener("pagehide", () => draft.leave());

formula.grown();
draft.early();
draft.restore();
