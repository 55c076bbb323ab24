// A number in a sentence becomes a field where it stands; the field it belongs to follows it. The page's own script is
// its host: set, settle.
"use strict";

const sentence = {
  host: null,
  editing: false,

  edit(number) {
    const field = document.getElementById(number.dataset.edit);
    if (!field) {
      return;
    }
    const input = document.createElement("input");
    input.value = field.value || number.textContent;
    input.setAttribute("aria-label", field.getAttribute("aria-label") || "Number in the sentence");
    const begun = field.value;
    const leave = () => {
      sentence.editing = false;
      input.replaceWith(number);
      sentence.host.settle();
      field.dispatchEvent(new Event("change", { bubbles: true }));
    };
    input.addEventListener("input", (event) => {
      event.stopPropagation();
      sentence.host.set(field.id, input.value);
    });
    input.addEventListener("change", (event) => event.stopPropagation());
    input.addEventListener("keydown", (event) => {
      if (event.key === "Escape") {
        sentence.host.set(field.id, begun);
      }
      if (event.key === "Enter" || event.key === "Escape") {
        event.preventDefault();
        input.blur();
      }
    });
    input.addEventListener("blur", leave, { once: true });
    sentence.editing = true;
    number.replaceWith(input);
    input.select();
  },
};
