// Files that become part of a draft: pictures of options, a grid from a CSV.
import { draft } from "./draft.js";
import { headers } from "./request.js";

const LARGEST = 5000000;

/** @param {HTMLInputElement} input whose file is the picture for the field it names */
export const upload = async (input) => {
  const field = document.getElementById(input.dataset.picture);
  const error = document.getElementById("upload-" + input.dataset.picture);
  const file = input.files[0];
  if (!file) {
    return;
  }
  if (file.size > LARGEST) {
    error.textContent = `This file has ${Math.round(file.size / 1000000)} MB; a picture may have up to 5 MB.`;
    return;
  }
  const body = new FormData();
  body.set("picture", file);
  const answer = await fetch("/pictures", { method: "POST", headers: headers(), body });
  const text = await answer.text();
  if (answer.ok) {
    await draft.wish("set", { at: field.name, to: text });
  } else {
    error.textContent = answer.status === 422 ? text : "This file could not be taken in.";
  }
};

/** @param {HTMLInputElement} input whose file becomes the grid at the place it names */
export const csv = async (input) => {
  const file = input.files[0];
  if (file) {
    const value = await file.text();
    input.value = "";
    await draft.wish("paste-grid", { at: input.dataset.csv, row: "-1", column: "-1", value });
  }
};
