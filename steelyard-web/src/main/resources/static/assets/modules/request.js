// Requests in the background: the token that they carry, so that only our own pages can change anything. Answers wait until
// nothing is pressed.
import { handsOff } from "./hands.js";

const meta = (name) => document.querySelector(`meta[name="${name}"]`).content;

/** @returns {Record<string, string>} the headers of a request that changes something */
export const headers = () => ({ "HX-Request": "true", [meta("csrf-header")]: meta("csrf-token") });

document.addEventListener("htmx:configRequest", (event) => {
  event.detail.headers[meta("csrf-header")] = meta("csrf-token");
});

document.addEventListener("htmx:beforeSend", (event) => {
  const { xhr } = event.detail;
  const loaded = xhr.onload;
  xhr.onload = () => handsOff().then(() => loaded.call(xhr));
});
