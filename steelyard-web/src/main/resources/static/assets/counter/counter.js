// The counter: one more or less, and forms that send themselves. Prices come from the server.
"use strict";

document.documentElement.classList.add("scripted");

document.addEventListener("click", (event) => {
  const button = event.target.closest("[data-step]");
  if (button) {
    const field = document.getElementById("quantity");
    const now = /^\d+$/.test(field.value.trim()) ? Number(field.value) : 0;
    field.value = String(Math.max(1, now + Number(button.dataset.step)));
    field.dispatchEvent(new Event("input", { bubbles: true }));
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
