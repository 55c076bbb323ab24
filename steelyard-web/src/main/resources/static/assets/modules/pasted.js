// Cells copied from a spreadsheet go into a table from the cell on that they are pasted in.
import { draft } from "./draft.js";

/**
 * Where in its grid a cell is, by its name; -1 for the sizes, and for the corner both.
 * @param {string} name
 */
export const gridPlace = (name) => {
  const [, rows, columns, row, column] = /\/(?:rows\/(\d+)|columns\/(\d+)|prices\/(\d+)\/(\d+))$/.exec(name) || [];
  return { row: rows || row || "-1", column: columns || column || "-1" };
};

/** @param {ClipboardEvent} event */
export const pasted = (event) => {
  const value = event.clipboardData.getData("text/plain");
  const cell = event.target.closest(".editor input");
  if (!cell || !(/[\t\n]/.test(value.trimEnd()) || cell.closest(".corner"))) {
    return;
  }
  const grid = cell.closest("[data-grid]");
  const rows = cell.closest("[data-rows]");
  if (grid) {
    event.preventDefault();
    draft.wish("paste-grid", { at: grid.dataset.grid, ...gridPlace(cell.name), value });
  } else if (rows && cell.dataset.column) {
    event.preventDefault();
    draft.wish("paste-rows", { at: rows.dataset.rows, row: cell.dataset.row, column: cell.dataset.column, value });
  }
};
