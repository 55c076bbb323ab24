// Picking a time says "later" by itself.
"use strict";

document.getElementById("at")?.addEventListener("input", () => {
  document.getElementById("later").checked = true;
});
