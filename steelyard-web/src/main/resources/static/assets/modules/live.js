// Picking a time says "later" by itself.
document.getElementById("at")?.addEventListener("input", () => {
  document.getElementById("later").checked = true;
});
