// What every owner's page needs: the token on background requests, and "/" to find.
"use strict";

const shell = {
  tokenHeader() {
    const meta = (name) => document.querySelector(`meta[name="${name}"]`).content;
    return { [meta("csrf-header")]: meta("csrf-token") };
  },
};

document.addEventListener("htmx:configRequest", (event) => {
  Object.assign(event.detail.headers, shell.tokenHeader());
});

document.addEventListener("keydown", (event) => {
  const typing = event.target.closest("input, textarea, select");
  if (event.key === "/" && !typing && !event.ctrlKey && !event.metaKey) {
    event.preventDefault();
    document.getElementById("find").focus();
  }
});
