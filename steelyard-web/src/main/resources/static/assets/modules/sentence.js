// A number in a sentence becomes a field where it stands; the field it belongs to follows it. The page is its host.

/**
 * @typedef {object} Host
 * @property {(id: string, value: string) => void} set types a value into a field
 * @property {() => void} settle an edit is whole
 */

export const sentence = {
  /** @type {Host | null} */
  host: null,
  editing: false,

  /** @param {HTMLElement} number the button that shows it */
  edit(number) {
    const field = document.getElementById(number.dataset.edit);
    if (!field) {
      return;
    }
    const input = document.createElement("input");
    input.value = field.value || number.textContent;
    input.setAttribute("aria-label", field.getAttribute("aria-label") || "Number in the sentence");
    const begun = field.value;
    let byKey = false;
    const leave = () => {
      sentence.editing = false;
      input.replaceWith(number);
      sentence.host.settle();
      field.dispatchEvent(new Event("change", { bubbles: true }));
      if (byKey) {
        document.querySelector(`[data-edit="${CSS.escape(field.id)}"]`)?.focus();
      }
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
        event.stopPropagation();
        byKey = true;
        input.blur();
      }
    });
    input.addEventListener("blur", leave, { once: true });
    sentence.editing = true;
    number.replaceWith(input);
    input.select();
  },
};
