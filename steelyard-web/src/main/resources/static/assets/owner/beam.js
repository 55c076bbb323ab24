// The beam's weights and its rider: dragged by mouse or finger, moved by keys. They set the table's fields; the server
// draws the beam anew from those.
"use strict";

const beam = {
  LEFT: 74,
  RIGHT: 640,
  held: null,
  focused: null,

  svg() {
    return document.querySelector("#beam svg");
  },

  // From the middle of the screen's pixels to those of the picture.
  place(event) {
    const svg = beam.svg();
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
    return point;
  },

  quantityAt(x) {
    const { end, log } = beam.svg().dataset;
    const share = Math.min(1, Math.max(0, (x - beam.LEFT) / (beam.RIGHT - beam.LEFT)));
    const exact = log === "true" ? Math.exp(share * Math.log(end)) : 1 + share * (end - 1);
    return beam.rounded(exact);
  },

  // Two leading digits are all a hand can hit: 1 to 99 by one, hundreds by ten.
  rounded(exact) {
    const step = Math.pow(10, Math.max(0, Math.floor(Math.log10(Math.max(1, exact))) - 1));
    return Math.max(1, Math.round(exact / step) * step);
  },

  cells(weight) {
    const { row, group } = weight.dataset;
    return { row, group, from: document.getElementById(`from-${row}`), price: document.getElementById(`price-${row}-${group}`) };
  },

  grab(event) {
    const target = event.target.closest(".weight, .rider");
    if (!target || event.button > 0) {
      return;
    }
    event.preventDefault();
    target.focus();
    prices.settle();
    const svg = beam.svg();
    document.getElementById("axisEnd").value = svg.dataset.end; // the scale holds still under the hand
    const at = beam.place(event);
    beam.held = {
      pointer: event.pointerId,
      x: at.x,
      y: at.y,
      perPixel: Number(svg.dataset.perPixel),
      decimals: Number(svg.dataset.decimals),
      id: target.id,
      rider: target.classList.contains("rider"),
      axis: null,
    };
    if (!beam.held.rider) {
      const cells = beam.cells(target);
      Object.assign(beam.held, cells, { startPrice: Number(cells.price.value) });
    }
    target.classList.add("held");
  },

  // A drag goes sideways or up and down, whichever it began with, so that neither changes by accident.
  move(event) {
    const held = beam.held;
    if (!held || held.pointer !== event.pointerId || !beam.svg()) {
      return;
    }
    const at = beam.place(event);
    if (held.axis === null && Math.hypot(at.x - held.x, at.y - held.y) > 4) {
      held.axis = held.rider || Math.abs(at.x - held.x) >= Math.abs(at.y - held.y) ? "x" : "y";
    }
    if (held.axis === "x") {
      prices.set(held.rider ? "trialQuantity" : held.from.id, String(beam.quantityAt(at.x)));
    } else if (held.axis === "y") {
      beam.setPrice(held.price, held.startPrice - (at.y - held.y) * held.perPixel, held.decimals, true);
    }
  },

  release() {
    if (beam.held) {
      beam.held = null;
      document.getElementById("axisEnd").value = "";
      prices.form().dispatchEvent(new Event("change", { bubbles: true }));
    }
  },

  // By hand to five of the last decimal; by keys to one.
  setPrice(field, price, decimals, coarse) {
    const unit = Math.pow(10, -decimals) * (coarse ? 5 : 1);
    prices.set(field.id, Math.max(0, Math.round(price / unit) * unit).toFixed(decimals));
  },

  key(event) {
    const steps = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    const weight = event.target.closest(".weight");
    const rider = event.target.closest(".rider");
    const times = event.shiftKey ? 10 : 1;
    if (steps && rider) {
      event.preventDefault();
      const field = document.getElementById("trialQuantity");
      prices.set("trialQuantity", String(Math.max(1, (parseInt(field.value, 10) || 1) + (steps[0] + steps[1]) * times)));
    } else if (steps && weight) {
      event.preventDefault();
      const { from, price } = beam.cells(weight);
      if (steps[0]) {
        prices.set(from.id, String(Math.max(1, (parseInt(from.value, 10) || 1) + steps[0] * times)));
      } else {
        const decimals = Number(beam.svg().dataset.decimals);
        beam.setPrice(price, Number(price.value) + steps[1] * times * Math.pow(10, -decimals), decimals, false);
      }
    } else if (weight && (event.key === "Delete" || event.key === "Backspace")) {
      event.preventDefault();
      prices.change("take-off", { row: weight.dataset.row, group: weight.dataset.group });
    } else if (event.key === "+" && event.target.closest("#beam")) {
      event.preventDefault();
      beam.hang(parseInt(document.getElementById("trialQuantity").value, 10) || 1);
    }
  },

  hang(quantity) {
    const perPiece = document.getElementById("per-piece");
    prices.change("hang", { atFrom: quantity, atPrice: perPiece ? perPiece.textContent.replace(/,/g, "") : "" });
  },
};

document.addEventListener("pointerdown", (event) => {
  if (event.target.closest("#beam")) {
    beam.grab(event);
  }
});
document.addEventListener("pointermove", beam.move);
document.addEventListener("pointerup", beam.release);
document.addEventListener("pointercancel", beam.release);
document.addEventListener("keydown", (event) => {
  if (event.target.closest("#beam")) {
    beam.key(event);
  }
});
// A run of keys, or one drag, is one edit: it ends when the focus really leaves, not when the picture is redrawn.
document.addEventListener("focusout", (event) => {
  const redrawn = beam.held !== null || beam.focused !== null;
  if (!redrawn && event.target.closest && event.target.closest("#beam")) {
    prices.settle();
  }
});
document.addEventListener("dblclick", (event) => {
  if (event.target.closest("#arm")) {
    beam.hang(beam.quantityAt(beam.place(event).x));
  }
});

// The picture is drawn anew at each answer; what had the focus gets it back, and what is held stays held.
document.addEventListener("htmx:oobBeforeSwap", (event) => {
  if (event.detail.target.id === "beam" && event.detail.target.contains(document.activeElement)) {
    beam.focused = document.activeElement.id;
  }
});
document.addEventListener("htmx:oobAfterSwap", (event) => {
  if (event.detail.target.id !== "beam") {
    return;
  }
  const again = beam.focused && document.getElementById(beam.focused);
  beam.focused = null;
  if (again) {
    again.focus();
    again.classList.toggle("held", beam.held !== null);
  }
});
