// Cards dragged into another order; the arrows beside each do the same without a pointer, and without this script.
"use strict";

const rows = document.getElementById("rows");
if (rows) {
  Sortable.create(rows, {
    handle: ".grip",
    filter: "button",
    preventOnFilter: false,
    animation: 120,
    onEnd: (event) => event.oldIndex !== event.newIndex && document.getElementById("order").requestSubmit(),
  });
}
