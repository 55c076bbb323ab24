// The counter: one more or less, and forms that send themselves. Prices come from the server; its
// answer is the whole product form, morphed into the page so that hands and focus stay where they are.
import { handsOff } from "./hands.js";
import "./print.js";

document.documentElement.classList.add("scripted");

const product = {
  typed: new Set(), // names of fields typed in since the last request went out
};

Idiomorph.defaults.ignoreActiveValue = true;
// What was typed since the request went out is newer than its answer.
Idiomorph.defaults.callbacks.beforeAttributeUpdated = (name, node) =>
  !((name === "value" || name === "checked") && product.typed.has(node.name));
Idiomorph.defaults.callbacks.beforeNodeMorphed = (node) => !(node.tagName === "SELECT" && product.typed.has(node.name));

document.addEventListener("click", (event) => {
  const step = event.target.closest("[data-step]");
  if (step) {
    const field = document.getElementById("quantity");
    const now = /^\d+$/.test(field.value.trim()) ? Number(field.value) : 0;
    const by = Number(step.dataset.step);
    const size = Math.abs(by);
    const next = by > 0 ? Math.floor(now / size) + 1 : Math.ceil(now / size) - 1;
    field.value = String(Math.max(1, next) * size);
    field.dispatchEvent(new Event("input", { bubbles: true }));
  }
});

document.addEventListener("input", (event) => {
  product.typed.add(event.target.name);
});

// Only the answer to the last request counts, in whatever order they come: htmx loses sight of one that it should call off
// where an element is set up anew meanwhile.
const last = new WeakMap();
document.addEventListener("htmx:beforeRequest", (event) => {
  product.typed.clear();
  last.set(event.detail.requestConfig.elt, event.detail.xhr);
});
document.addEventListener("htmx:beforeSwap", (event) => {
  if (last.get(event.detail.requestConfig.elt) !== event.detail.xhr) {
    event.detail.shouldSwap = false;
  }
});

// A click on a link is what leaves a field, and so what changes it: that is kept before the link leads on, or its refusal read.
const changing = new Map(); // requests under way that change something, and what tells their end
document.addEventListener("htmx:beforeSend", (event) => {
  const { xhr, requestConfig } = event.detail;
  if (requestConfig.verb !== "get") {
    const ended = new Promise((go) => xhr.addEventListener("loadend", go));
    changing.set(xhr, ended);
    ended.then(handsOff).then(() => changing.delete(xhr));
  }
});
document.addEventListener("click", async (event) => {
  const link = event.target.closest("a[href]");
  const plain = !event.ctrlKey && !event.metaKey && !event.shiftKey;
  if (link && plain && changing.size > 0) {
    event.preventDefault();
    const all = [...changing.keys()];
    await Promise.all(changing.values());
    if (all.every((xhr) => xhr.status >= 200 && xhr.status < 400)) {
      location.assign(link.href);
    }
  }
});

document.addEventListener("change", (event) => {
  if (event.target.closest("[data-submits]")) {
    event.target.form.submit();
  }
});

// A second press while the first is on its way does nothing; the server would not order twice either.
document.addEventListener("submit", (event) => {
  const form = event.target.closest("[data-once]");
  if (form && form.dataset.sent) {
    event.preventDefault();
  } else if (form) {
    form.dataset.sent = "yes";
  }
});

window.addEventListener("pageshow", () => {
  document.querySelectorAll("[data-sent]").forEach((form) => delete form.dataset.sent);
});
