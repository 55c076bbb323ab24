// Numbers in fields: with a decimal comma where the page says so, else with a point.
const COMMA = () => document.documentElement.dataset.decimal === ",";

/** The number in a field's text. @param {string} text @returns {number} */
export const read = (text) => Number(text.replace(",", "."));

/** A number as a field has it. @param {number | string} value @returns {string} */
export const write = (value) => (COMMA() ? String(value).replace(".", ",") : String(value));

/** How many decimals a text has. @param {string} text @returns {number} */
export const decimals = (text) => (text.split(/[.,]/)[1] || "").length;
