// Cards dragged into another order; the arrows beside each do the same without a pointer, and without this script.
const rows = document.getElementById("rows");
const order = document.getElementById("order");
if (rows) {
  Sortable.create(rows, {
    handle: ".grip",
    filter: "button",
    preventOnFilter: false,
    animation: 120,
    onEnd: (event) => event.oldIndex !== event.newIndex && order.requestSubmit(),
  });
}

// What is picked under “Who wins?” by now goes with a move, and so is picked on the page that answers.
if (order) {
  order.addEventListener("submit", () => {
    for (const name of ["sku", "group", "day", "country"]) {
      const picked = document.querySelector(`#winner [name=${name}]`);
      const sent = order.querySelector(`[name=${name}]`);
      if (picked && sent) {
        sent.value = picked.value;
      }
    }
    const signedIn = document.querySelector("#winner [name=signedIn]");
    const sent = order.querySelector("[name=signedIn]");
    if (signedIn && sent) {
      sent.value = signedIn.checked;
    }
  });
}

// After a move the hands are on the same arrow of the same card again.
const MOVED = "moved";
order?.addEventListener("submit", (event) => {
  if (event.submitter?.name === "move") {
    sessionStorage.setItem(MOVED, event.submitter.value);
  }
});
const moved = sessionStorage.getItem(MOVED);
sessionStorage.removeItem(MOVED);
if (moved) {
  const [id, way] = moved.split(" ");
  const arrows = [way, way === "up" ? "down" : "up"].map((one) => document.querySelector(`[name=move][value="${id} ${one}"]`));
  arrows.find((arrow) => arrow && !arrow.disabled)?.focus();
}
