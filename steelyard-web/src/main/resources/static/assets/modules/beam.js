// A beam's weights and its rider: dragged by mouse or finger, moved by keys. They set the fields that they name; the
// server draws the beam anew from those. The page's own script is its host: set, settle, change, takeOff, hang.
import { decimals, read, write } from "./numbers.js";

export const beam = {
  LEFT: 74,
  RIGHT: 640,
  host: null,
  held: null,
  focused: null,

  svg() {
    return document.querySelector("#beam svg");
  },

  // From the middle of the screen's pixels to those of the picture.
  place(event) {
    return new DOMPoint(event.clientX, event.clientY).matrixTransform(beam.svg().getScreenCTM().inverse());
  },

  valueAt(x) {
    const { start, end, log, whole } = beam.svg().dataset;
    const from = Number(start);
    const share = Math.min(1, Math.max(0, (x - beam.LEFT) / (beam.RIGHT - beam.LEFT)));
    const exact = log === "true" ? from * Math.pow(end / from, share) : from + share * (end - from);
    return beam.rounded(exact, whole === "true");
  },

  // Two leading digits are all a hand can hit: 1 to 99 by one, hundreds by ten, and of amounts tenths below ten.
  rounded(exact, whole) {
    const digits = Math.floor(Math.log10(Math.max(exact, 1e-6))) - 1;
    const step = Math.pow(10, whole ? Math.max(0, digits) : digits);
    const value = Math.round(exact / step) * step;
    return whole ? Math.max(1, value) : Number(value.toFixed(Math.max(0, -digits)));
  },

  fields(weight) {
    return {
      from: document.getElementById(weight.dataset.from),
      value: document.getElementById(weight.dataset.value),
    };
  },

  // Whoever may not change it only looks at a weight: its field says so.
  isShownOnly(target) {
    return target.classList.contains("weight") && beam.fields(target).value?.disabled === true;
  },

  rider() {
    return document.getElementById(beam.svg().dataset.rider);
  },

  grab(event) {
    const target = event.target.closest(".weight, .rider");
    if (!target || event.button > 0 || beam.isShownOnly(target)) {
      return;
    }
    event.preventDefault();
    target.focus();
    beam.host.settle();
    const svg = beam.svg();
    document.getElementById("axisEnd").value = svg.dataset.end; // the scale holds still under the hand
    const at = beam.place(event);
    beam.held = {
      pointer: event.pointerId,
      x: at.x,
      y: at.y,
      perPixel: Number(svg.dataset.perPixel) * (svg.dataset.upward === "true" ? 1 : -1),
      decimals: Number(svg.dataset.decimals),
      id: target.id,
      rider: target.classList.contains("rider"),
      axis: null,
    };
    if (!beam.held.rider) {
      const fields = beam.fields(target);
      Object.assign(beam.held, fields, { startValue: read(fields.value.value) });
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
      const field = held.rider ? beam.rider() : held.from;
      if (field) {
        beam.host.set(field.id, write(beam.valueAt(at.x)));
      }
    } else if (held.axis === "y") {
      beam.setValue(held.value, held.startValue - (at.y - held.y) * held.perPixel, held.decimals, true);
    }
  },

  release() {
    if (beam.held) {
      beam.held = null;
      document.getElementById("axisEnd").value = "";
      document.querySelectorAll("#beam .held").forEach((held) => held.classList.remove("held"));
      beam.host.form().dispatchEvent(new Event("change", { bubbles: true }));
    }
  },

  // By hand to five of the last decimal; by keys to one.
  setValue(field, value, decimals, coarse) {
    const unit = Math.pow(10, -decimals) * (coarse ? 5 : 1);
    beam.host.set(field.id, write(Math.max(0, Math.round(value / unit) * unit).toFixed(decimals)));
  },

  // One step along the axis: a piece, or of an amount what its last digit says.
  step(field, steps) {
    const whole = beam.svg().dataset.whole === "true";
    const digits = whole ? 0 : decimals(field.value);
    const unit = Math.pow(10, -digits);
    const least = whole ? 1 : 0;
    beam.host.set(field.id, write(Math.max(least, (read(field.value) || least) + steps * unit).toFixed(digits)));
  },

  key(event) {
    const steps = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    const weight = event.target.closest(".weight");
    if (weight && beam.isShownOnly(weight)) {
      return;
    }
    const rider = event.target.closest(".rider");
    const times = event.shiftKey ? 10 : 1;
    if (steps && rider && beam.rider()) {
      event.preventDefault();
      beam.step(beam.rider(), (steps[0] + steps[1]) * times);
    } else if (steps && weight) {
      event.preventDefault();
      const { from, value } = beam.fields(weight);
      if (steps[0]) {
        beam.step(from, steps[0] * times);
      } else {
        const { decimals, upward } = beam.svg().dataset;
        const change = steps[1] * times * Math.pow(10, -decimals) * (upward === "true" ? 1 : -1);
        beam.setValue(value, read(value.value) + change, Number(decimals), false);
      }
    } else if (weight && (event.key === "Delete" || event.key === "Backspace")) {
      event.preventDefault();
      beam.host.takeOff(beam.fields(weight).value);
    } else if (event.key === "+" && event.target.closest("#beam")) {
      event.preventDefault();
      const rides = beam.rider();
      beam.host.hang(rides ? write(read(rides.value) || 1) : "");
    }
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
    beam.host.settle();
  }
});
document.addEventListener("dblclick", (event) => {
  if (event.target.closest("#arm")) {
    beam.host.hang(write(beam.valueAt(beam.place(event).x)));
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
