// What every owner's page needs: "/" to find.
"use strict";

document.documentElement.classList.add("scripted");

document.addEventListener("keydown", (event) => {
  const typing = event.target.closest("input, textarea, select");
  if (event.key === "/" && !typing && !event.ctrlKey && !event.metaKey) {
    event.preventDefault();
    document.getElementById("find").focus();
  }
});
