// Narrows the list of goods that a new card can be for.
document.getElementById("narrow").addEventListener("input", (event) => {
  const wanted = event.target.value.trim().toLowerCase();
  document.querySelectorAll("#goods label").forEach((label) => {
    label.hidden = !label.textContent.toLowerCase().includes(wanted) && !label.querySelector("input").checked;
  });
});
