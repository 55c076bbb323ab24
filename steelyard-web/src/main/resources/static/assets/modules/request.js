// Requests in the background: the token that they carry, so that only our own pages can change anything.

const meta = (name) => document.querySelector(`meta[name="${name}"]`).content;

/** @returns {Record<string, string>} the headers of a request that changes something */
export const headers = () => ({ "HX-Request": "true", [meta("csrf-header")]: meta("csrf-token") });

document.addEventListener("htmx:configRequest", (event) => {
  event.detail.headers[meta("csrf-header")] = meta("csrf-token");
});
