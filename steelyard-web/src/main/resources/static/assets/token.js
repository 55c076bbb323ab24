// The token that background requests carry, so that only our own pages can change anything.
"use strict";

const token = {
  header() {
    const meta = (name) => document.querySelector(`meta[name="${name}"]`).content;
    return { [meta("csrf-header")]: meta("csrf-token") };
  },
};

document.addEventListener("htmx:configRequest", (event) => {
  Object.assign(event.detail.headers, token.header());
});
