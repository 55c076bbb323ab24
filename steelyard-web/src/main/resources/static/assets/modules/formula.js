// The formula field: it grows with its text, completes names and functions while one types, and takes names that are
// clicked. The list of names stands outside the form, so that no answer takes it away. What is wrong with a formula, and
// what it comes to, is the server's to say.
export const formula = {
  last: null, // the field a clicked name goes into
  open: null,
  picked: 0,

  box() {
    return document.getElementById("completions");
  },

  isField(field) {
    return field && field.tagName === "TEXTAREA" && field.closest(".formula") !== null;
  },

  grow(field) {
    if (formula.isField(field)) {
      field.style.height = "auto";
      field.style.height = field.scrollHeight + "px";
    }
  },

  /** All fields of formulas as high as their texts. */
  grown() {
    document.querySelectorAll(".formula textarea").forEach(formula.grow);
  },

  // The letters of a name before the caret.
  word(field) {
    const before = field.value.slice(0, field.selectionStart);
    return /[A-Za-z_][A-Za-z0-9_]*$/.exec(before)?.[0] ?? "";
  },

  names() {
    return Array.from(document.querySelectorAll("[data-insert]"), (button) => ({
      text: button.dataset.insert,
      kind: button.dataset.kind,
      help: button.dataset.help || "",
    }));
  },

  complete(field) {
    const word = formula.word(field);
    const fits = word === "" ? [] : formula.names().filter((name) =>
      name.text.toLowerCase().startsWith(word.toLowerCase()) && name.text !== word);
    if (fits.length === 0) {
      formula.close();
      return;
    }
    formula.open = field;
    formula.picked = 0;
    const box = formula.box();
    box.replaceChildren(...fits.slice(0, 8).map((name, index) => {
      const item = document.createElement("li");
      item.role = "option";
      item.id = "completion-" + index;
      item.dataset.text = name.text;
      const label = document.createElement("b");
      label.textContent = name.text;
      const kind = document.createElement("span");
      kind.textContent = name.help || name.kind;
      item.append(label, kind);
      return item;
    }));
    const under = field.closest(".formula-field").getBoundingClientRect();
    box.style.left = `${under.left + window.scrollX + 6}px`;
    box.style.top = `${under.bottom + window.scrollY + 2}px`;
    box.hidden = false;
    field.setAttribute("aria-expanded", "true");
    formula.show(field);
  },

  show(field) {
    Array.from(formula.box().children).forEach((item, index) => {
      item.setAttribute("aria-selected", index === formula.picked ? "true" : "false");
    });
    field.setAttribute("aria-activedescendant", "completion-" + formula.picked);
  },

  close() {
    if (formula.open) {
      formula.open.setAttribute("aria-expanded", "false");
      formula.open.removeAttribute("aria-activedescendant");
    }
    formula.open = null;
    formula.box().hidden = true;
  },

  // Puts a name where the caret is, in place of the letters typed of it.
  insert(field, text, replaced) {
    const start = field.selectionStart - replaced;
    const spaced = replaced === 0 && /[\w)]$/.test(field.value.slice(0, start)) ? " " + text : text;
    field.setRangeText(spaced, start, field.selectionEnd, "end");
    field.focus();
    field.dispatchEvent(new Event("input", { bubbles: true }));
    formula.close();
  },
};

document.addEventListener("focusin", (event) => {
  if (formula.isField(event.target)) {
    formula.last = event.target.id;
  }
});

document.addEventListener("input", (event) => {
  if (formula.isField(event.target)) {
    formula.complete(event.target);
  }
});

document.addEventListener("keydown", (event) => {
  const field = event.target;
  if (!formula.open || field !== formula.open) {
    return;
  }
  const items = formula.box().children;
  if (event.key === "ArrowDown" || event.key === "ArrowUp") {
    event.preventDefault();
    formula.picked = (formula.picked + (event.key === "ArrowDown" ? 1 : -1) + items.length) % items.length;
    formula.show(field);
  } else if (event.key === "Tab" || event.key === "Enter") {
    event.preventDefault();
    event.stopPropagation();
    formula.insert(field, items[formula.picked].dataset.text, formula.word(field).length);
  } else if (event.key === "Escape") {
    event.stopPropagation();
    formula.close();
  }
}, true);

document.addEventListener("pointerdown", (event) => {
  const item = event.target.closest("#completions li");
  if (item && formula.open) {
    event.preventDefault();
    formula.insert(formula.open, item.dataset.text, formula.word(formula.open).length);
  } else if (formula.open && event.target !== formula.open) {
    formula.close();
  }
  const chip = event.target.closest("[data-insert]");
  if (chip && document.activeElement && formula.isField(document.activeElement)) {
    event.preventDefault(); // the field keeps its caret
  }
});

document.addEventListener("click", (event) => {
  const chip = event.target.closest("[data-insert]");
  if (chip) {
    const fields = document.querySelectorAll(".formula textarea");
    const field = document.getElementById(formula.last) || fields[fields.length - 1];
    if (field) {
      formula.insert(field, chip.dataset.insert, 0);
    }
  }
});
