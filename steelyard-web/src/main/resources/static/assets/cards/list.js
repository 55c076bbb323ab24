// Cards dragged into another order; the arrows beside each do the same without a pointer, and without this script.
"use strict";

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
