// Tables of numbers: Enter and the arrows go along a column.

const cells = (row) => Array.from(row.querySelectorAll("input:not([type=hidden])"));

/**
 * Goes to the cell below, or above, where a key asks for it.
 * @param {KeyboardEvent} event
 * @param {HTMLInputElement | null} field that has the focus
 * @returns {boolean} whether there was none in the same column any more
 */
export const alongColumn = (event, field) => {
  const asks = ["Enter", "ArrowUp", "ArrowDown"].includes(event.key);
  const row = asks && field && field.tagName === "INPUT" && field.inputMode ? field.closest("tbody tr") : null;
  if (!row) {
    return false;
  }
  event.preventDefault();
  const rows = Array.from(row.parentElement.rows);
  const next = rows[rows.indexOf(row) + (event.key === "ArrowUp" ? -1 : 1)];
  const to = next && cells(next)[cells(row).indexOf(field)];
  to?.focus();
  to?.select();
  return !to;
};
