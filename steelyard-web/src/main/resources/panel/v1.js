// The Steelyard panel: <steelyard-panel> asks and shows the price of a product on any page and gives the page's own form a
// signed line; <steelyard-price> shows what goods of a list cost at least. Every price and every text comes from the service
// this file came from; only what is said while that cannot be reached stands here.
import { handsOff } from "./hands.js";

const SERVICE = new URL("..", import.meta.url).href;
const PAUSE = 220; // between a key and the question
const LOOK_AGAIN = 60_000; // whether the price is still the same
const RETRY = [2_000, 4_000, 8_000, 15_000, 30_000];

const WORDS = {
  en: {
    loading: "Asking for the price …",
    away: "Prices cannot be reached just now. What you typed is kept; we try again.",
    refused: "No price can be shown here.",
    incomplete: "Fill in what is asked to see a price first.",
    changed: "The price has changed since you looked: it was {was}, it is {now} now.",
    accept: "Take the new price",
    showing: "as it is typed",
  },
  de: {
    loading: "Der Preis wird erfragt …",
    away: "Preise sind gerade nicht erreichbar. Ihre Eingaben bleiben; wir versuchen es weiter.",
    refused: "Hier kann kein Preis gezeigt werden.",
    incomplete: "Füllen Sie erst aus, was gefragt wird, um einen Preis zu sehen.",
    changed: "Der Preis hat sich geändert, seit Sie nachgesehen haben: er war {was} und ist jetzt {now}.",
    accept: "Neuen Preis nehmen",
    showing: "wie eingegeben",
  },
  fr: {
    loading: "Nous demandons le prix …",
    away: "Les prix ne sont pas accessibles pour le moment. Vos saisies sont conservées ; nous réessayons.",
    refused: "Aucun prix ne peut être affiché ici.",
    incomplete: "Remplissez d’abord ce qui est demandé pour voir un prix.",
    changed: "Le prix a changé depuis votre visite : il était de {was}, il est maintenant de {now}.",
    accept: "Prendre le nouveau prix",
    showing: "tel que saisi",
  },
  nl: {
    loading: "De prijs wordt opgevraagd …",
    away: "Prijzen zijn nu niet bereikbaar. Wat u invulde blijft staan; we proberen het opnieuw.",
    refused: "Hier kan geen prijs worden getoond.",
    incomplete: "Vul eerst in wat er gevraagd wordt om een prijs te zien.",
    changed: "De prijs is veranderd sinds u keek: die was {was} en is nu {now}.",
    accept: "Nieuwe prijs nemen",
    showing: "zoals ingevuld",
  },
};

const STYLE = `
:host { display: block; container-type: inline-size; color: inherit; font: inherit;
  --accent: var(--steelyard-accent, currentColor);
  --line: var(--steelyard-line, color-mix(in srgb, currentColor 26%, transparent));
  --edge: var(--steelyard-edge, color-mix(in srgb, currentColor 62%, transparent));
  --soft: var(--steelyard-soft, color-mix(in srgb, currentColor 76%, transparent));
  --tint: var(--steelyard-tint, color-mix(in srgb, currentColor 7%, transparent));
  --wrong: var(--steelyard-wrong, light-dark(#a8321b, #ffab97));
  --radius: var(--steelyard-radius, 6px); }
:host([hidden]) { display: none; }
* { box-sizing: border-box; }
.panel { display: grid; gap: 14px; }
fieldset { margin: 0; padding: 0; border: 0; min-width: 0; }
legend, .name { padding: 0; font-weight: 600; }
label { cursor: pointer; }
small, .soft { color: var(--soft); font-size: 0.88em; }
input, select, button { font: inherit; color: inherit; }
input:not([type]), input[type=text], select { width: 100%; min-height: 40px; padding: 6px 10px; border: 1px solid var(--edge);
  border-radius: var(--radius); background: var(--steelyard-field, transparent); }
select option { color: #1c2326; background: #fff; }
:is(input, select, button):focus-visible, .pick:has(:focus-visible) { outline: 3px solid var(--accent); outline-offset: 2px; }
[aria-invalid=true] { border-color: var(--wrong); border-width: 2px; }
.fault { display: block; color: var(--wrong); font-size: 0.92em; }
.fault:empty { display: none; }
.asks { display: grid; gap: 12px; }
.ask[hidden] { display: none; }
.measure { display: grid; grid-template-columns: 1fr auto; gap: 8px; align-items: center; max-width: 320px; }
.measure i { font-style: normal; color: var(--soft); }
.measure select { width: auto; }
.picks { display: grid; gap: 8px; grid-template-columns: 1fr; margin-top: 6px; }
.pick { position: relative; display: flex; gap: 10px; align-items: center; padding: 8px 12px; border: 1px solid var(--edge);
  border-radius: var(--radius); }
.pick:has(:checked) { border-color: var(--accent); background: var(--tint); box-shadow: inset 0 0 0 1px var(--accent); }
.pick input { flex: none; width: 18px; height: 18px; margin: 0; accent-color: var(--accent); }
.pick img { width: 34px; height: 34px; background: #fff; border-radius: 4px; }
.pick span { display: block; }
.pick small { display: block; }
.flag { padding: 1px 7px; border: 1px solid var(--accent); border-radius: 9px; font-size: 0.8em; font-style: normal; }
.tick { display: flex; gap: 10px; align-items: center; }
.tick input { width: 20px; height: 20px; accent-color: var(--accent); }
.stepper { display: flex; max-width: 210px; }
.stepper input { text-align: center; border-radius: 0; border-inline-width: 0; }
.stepper button { flex: none; width: 44px; min-height: 40px; border: 1px solid var(--edge); background: var(--tint); cursor: pointer; }
.stepper button:first-child { border-radius: var(--radius) 0 0 var(--radius); }
.stepper button:last-child { border-radius: 0 var(--radius) var(--radius) 0; }
.tiers { margin: 0; padding: 0; list-style: none; border-top: 1px solid var(--line); }
.tiers li { display: grid; grid-template-columns: 1fr auto; gap: 0 12px; padding: 5px 8px; border-bottom: 1px solid var(--line); }
.tiers li[aria-current] { background: var(--tint); box-shadow: inset 3px 0 0 var(--accent); }
.tiers small { grid-column: 1 / -1; }
.price { padding: 12px 14px; border: 1px solid var(--line); border-radius: var(--radius); background: var(--tint); }
.price p { margin: 0; }
.total { font-size: 1.7em; font-weight: 700; }
.stale { opacity: 0.6; }
.notice { display: grid; gap: 8px; color: var(--wrong); }
.notice button { justify-self: start; min-height: 36px; padding: 4px 14px; border: 1px solid currentColor; border-radius: var(--radius);
  background: transparent; cursor: pointer; }
.from b { font-size: 1.15em; }
.deals { margin: 0; padding-left: 1.2em; }
.steps { width: 100%; border-collapse: collapse; font-size: 0.92em; }
.steps td { padding: 3px 0; border-bottom: 1px dotted var(--line); vertical-align: top; }
.steps td:last-child { text-align: right; white-space: nowrap; padding-left: 12px; }
summary { cursor: pointer; }
svg { display: block; width: 100%; max-width: 300px; }
svg .piece { fill: var(--tint); stroke: currentColor; stroke-width: 1.5; }
svg .limit { fill: none; stroke: var(--line); stroke-dasharray: 4 4; }
svg .edge { fill: none; stroke: currentColor; }
svg .dimension { fill: none; stroke: var(--soft); }
svg text { fill: currentColor; font-size: 13px; }
fieldset.ask { grid-column: 1 / -1; }
.pick { min-width: 0; }
.pick > span { min-width: 0; }
@container (min-width: 380px) { .picks { grid-template-columns: repeat(auto-fit, minmax(150px, 1fr)); } .asks.beside { grid-template-columns: 1fr 1fr; } }
@container (min-width: 680px) { .panel { grid-template-columns: 1fr 1fr; } .panel > .wide { grid-column: 1 / -1; }
}
`;

const sheet = new CSSStyleSheet();
sheet.replaceSync(STYLE);

// ---- a page put together and changed in place, so that hands and focus stay where they are ----

const SVG = new Set(["svg", "path", "text", "g"]);

function h(tag, attributes, ...children) {
  return { tag, attributes: attributes || {}, children: children.flat(3).filter((one) => one || one === 0) };
}

function make(node) {
  if (typeof node !== "object") {
    return document.createTextNode(String(node));
  }
  const element = SVG.has(node.tag) ? document.createElementNS("http://www.w3.org/2000/svg", node.tag) : document.createElement(node.tag);
  change(element, node, new Set());
  return element;
}

function isSame(element, node) {
  if (typeof node !== "object") {
    return element.nodeType === Node.TEXT_NODE;
  }
  return element.nodeType === Node.ELEMENT_NODE && element.localName === node.tag && (element.id || "") === (node.attributes.id || "");
}

// What was typed since the question went out is newer than its answer: those fields keep what stands in them.
function change(element, node, newer) {
  const { attributes } = node;
  for (const { name } of [...element.attributes]) {
    if (!(name in attributes) || attributes[name] === null || attributes[name] === false) {
      element.removeAttribute(name);
    }
  }
  for (const [name, value] of Object.entries(attributes)) {
    if (value === null || value === undefined || value === false) {
      continue;
    } else if (name.startsWith("on")) {
      element[name] = value;
    } else if (name !== "value" || element.localName === "option" || element.type === "radio" || element.type === "checkbox") {
      if (element.getAttribute(name) !== String(value)) {
        element.setAttribute(name, value === true ? "" : value);
      }
    }
  }
  children(element, node.children, newer);
  const key = attributes["data-field"];
  if (key && !newer.has(key)) {
    if (element.type === "radio" || element.type === "checkbox") {
      element.checked = Boolean(attributes.checked);
    } else if (element.value !== String(attributes.value ?? "")) {
      element.value = attributes.value ?? "";
    }
  }
}

function children(element, nodes, newer) {
  let at = element.firstChild;
  for (const node of nodes) {
    let found = at;
    while (found && !isSame(found, node)) {
      found = found.nextSibling;
    }
    if (found) {
      while (at !== found) {
        const gone = at;
        at = at.nextSibling;
        gone.remove();
      }
      at = found.nextSibling;
      if (typeof node === "object") {
        change(found, node, newer);
      } else if (found.data !== String(node)) {
        found.data = String(node);
      }
    } else {
      element.insertBefore(make(node), at);
    }
  }
  while (at) {
    const gone = at;
    at = at.nextSibling;
    gone.remove();
  }
}

// ---- asking ----

class Refused extends Error {
  constructor(words, lasting) {
    super(words);
    this.lasting = lasting;
  }
}

async function ask(call, key, body, signal) {
  const answer = await fetch(SERVICE + "api/v1/" + call, {
    method: "POST",
    headers: { "Content-Type": "application/json", Authorization: "Bearer " + key },
    body: JSON.stringify(body),
    signal,
    credentials: "omit",
  });
  if (answer.ok) {
    return answer.json();
  }
  const problem = await answer.json().catch(() => ({}));
  throw new Refused(problem.detail || String(answer.status), answer.status < 500 && answer.status !== 429);
}

function languageOf(element) {
  const lang = element.getAttribute("lang") || element.closest("[lang]")?.getAttribute("lang") || navigator.language || "en";
  return lang;
}

function ownWords(element) {
  const words = WORDS[languageOf(element).slice(0, 2).toLowerCase()] || WORDS.en;
  try {
    return { ...words, ...JSON.parse(element.getAttribute("words") || "{}") };
  } catch {
    console.error("steelyard-panel: the attribute words is no JSON");
    return words;
  }
}

function put(text, figures) {
  return text.replace(/\{(\w+)\}/g, (all, name) => figures[name] ?? all);
}

// ---- the panel ----

class SteelyardPanel extends HTMLElement {
  static formAssociated = true;
  static observedAttributes = ["sku", "key", "customer", "lang", "words"];

  #internals = this.attachInternals();
  #root = this.attachShadow({ mode: "open", delegatesFocus: true });
  #body;
  #fields = {}; // what was typed or picked, by name
  #quantity = null;
  #pack = null;
  #variants = null;
  #picked = null; // the variant
  #sent = false;
  #been = new Set(); // the asks somebody has come to
  #newer = new Set();
  #view = null;
  #notice = null; // a changed price that nobody has taken note of yet
  #trouble = null;
  #tries = 0;
  #asking = null;
  #waits = false; // for an answer to what stands in the fields
  #press = null; // the click that is just being dealt with
  #wish = null; // what was pressed to send the form while an answer was awaited
  #later = null;
  #watch = null;

  constructor() {
    super();
    this.#root.adoptedStyleSheets = [sheet];
    this.#body = document.createElement("div");
    this.#body.className = "panel";
    this.#body.setAttribute("part", "panel");
    this.#root.append(this.#body);
    this.#root.addEventListener("input", (event) => this.#typed(event.target));
    this.#root.addEventListener("keydown", (event) => {
      if (event.key === "Enter" && event.target.localName === "input") {
        this.#press = event;
        this.#internals.form?.requestSubmit();
        this.#press = null;
      }
    });
    this.addEventListener("invalid", (event) => {
      if (this.#waits && this.#view && this.#press && !this.#press.defaultPrevented) {
        event.preventDefault();
        this.#wish = { button: this.#press.target?.closest?.("button, input") };
      }
    });
  }

  /** A page may ask whether its form is valid at any time; only what is pressed sends it. */
  #clicked = (event) => {
    this.#press = event;
    setTimeout(() => (this.#press = null));
  };

  /** Sends the form that somebody wanted to send while the price was on its way, or says what is in the way. */
  #grant() {
    const wish = this.#wish;
    this.#wish = null;
    const form = this.#internals.form;
    if (!wish || !form) {
      return;
    }
    if (this.#good()) {
      form.requestSubmit(wish.button?.form === form && wish.button.type === "submit" ? wish.button : undefined);
    } else {
      this.#internals.reportValidity();
    }
  }

  connectedCallback() {
    this.#show();
    this.#soon(0);
    this.#watch = setInterval(() => document.visibilityState === "visible" && this.#again(), LOOK_AGAIN);
    window.addEventListener("online", this.#again);
    window.addEventListener("click", this.#clicked, true);
    document.addEventListener("visibilitychange", this.#again);
  }

  disconnectedCallback() {
    clearInterval(this.#watch);
    clearTimeout(this.#later);
    this.#asking?.abort();
    window.removeEventListener("online", this.#again);
    window.removeEventListener("click", this.#clicked, true);
    document.removeEventListener("visibilitychange", this.#again);
  }

  attributeChangedCallback(name, before, after) {
    if (this.isConnected && before !== after) {
      if (name === "sku") {
        this.#forget();
      }
      this.#soon(0);
    }
  }

  formResetCallback() {
    this.#forget();
    this.#soon(0);
  }

  formDisabledCallback() {
    this.#show();
  }

  get form() {
    return this.#internals.form;
  }
  get name() {
    return this.getAttribute("name");
  }
  get type() {
    return this.localName;
  }
  get value() {
    return this.#good() ? this.#view.token : null;
  }
  get validity() {
    return this.#internals.validity;
  }
  get validationMessage() {
    return this.#internals.validationMessage;
  }
  get willValidate() {
    return this.#internals.willValidate;
  }
  checkValidity() {
    return this.#internals.checkValidity();
  }
  reportValidity() {
    return this.#internals.reportValidity();
  }

  #forget() {
    this.#fields = {};
    this.#quantity = this.#pack = this.#variants = this.#picked = this.#notice = this.#view = null;
    this.#sent = false;
    this.#been.clear();
  }

  #again = () => {
    if (document.visibilityState === "visible" && (this.#view || this.#trouble)) {
      this.#soon(0);
    }
  };

  #soon(pause) {
    clearTimeout(this.#later);
    this.#waits = true;
    this.#later = setTimeout(() => this.#ask(), pause);
  }

  #typed(field) {
    const name = field.dataset.field;
    if (!name) {
      return;
    }
    this.#sent = true;
    this.#wish = null;
    this.#notice = null;
    this.#newer.add(name);
    if (/^[au]\./.test(name)) {
      this.#been.add(name.slice(2));
    }
    if (name === "quantity") {
      this.#quantity = field.value;
    } else if (name === "pick") {
      this.#quantity = field.value;
      this.#newer.delete("quantity");
    } else if (name === "pack") {
      this.#pack = field.value;
    } else if (name === "sku") {
      this.#picked = field.value;
    } else if (name.startsWith("v.")) {
      this.#variants = [...this.#root.querySelectorAll("select[data-field^='v.']")].map((one) => one.value);
    } else if (field.type === "checkbox") {
      this.#fields[name] = field.checked ? field.value : field.dataset.off;
    } else {
      this.#fields[name] = field.value;
    }
    this.#unsure();
    this.#soon(PAUSE);
  }

  /** While an answer is on its way the price before is no price for what stands in the fields now. */
  #unsure() {
    this.#internals.setFormValue(null);
    this.#internals.setValidity({ customError: true }, ownWords(this).loading);
    this.#root.querySelector(".price")?.classList.add("stale");
  }

  /** Once nothing is pressed: whether no newer question is on its way. */
  async #isStillAsked(asking) {
    await handsOff();
    return this.#asking === asking && this.isConnected;
  }

  async #ask() {
    const sku = this.getAttribute("sku");
    const key = this.getAttribute("key");
    if (!sku || !key) {
      this.#trouble = { words: "steelyard-panel: " + (sku ? "key" : "sku") + " is missing", lasting: true };
      this.#show();
      return;
    }
    this.#asking?.abort();
    const asking = new AbortController();
    this.#asking = asking;
    this.#newer.clear();
    const body = {
      sku: this.#picked || sku,
      lang: languageOf(this),
      fields: this.#fields,
      sent: this.#sent,
      waits: (this.#view?.asks ?? []).map((one) => one.name).filter((name) => !this.#been.has(name)),
    };
    if (this.getAttribute("customer")) {
      body.customerToken = this.getAttribute("customer");
    }
    if (this.#quantity !== null) {
      body.quantity = this.#quantity;
    }
    if (this.#pack !== null) {
      body.pack = this.#pack;
    }
    if (this.#variants) {
      body.variants = this.#variants;
    }
    if (this.#view?.seen) {
      body.seen = this.#view.seen;
    }
    const timer = setTimeout(() => asking.abort(new Error("timeout")), 15_000);
    try {
      const view = await ask("panel", key, body, asking.signal);
      if (!(await this.#isStillAsked(asking))) {
        return;
      }
      this.#tries = 0;
      this.#trouble = null;
      this.#waits = false;
      this.#take(view);
      this.#grant();
    } catch (failed) {
      if (!(await this.#isStillAsked(asking))) {
        return;
      }
      this.#trouble = failed instanceof Refused && failed.lasting ? { words: failed.message, lasting: true } : { lasting: false };
      if (!this.#trouble.lasting) {
        this.#soon(RETRY[Math.min(this.#tries, RETRY.length - 1)]);
        this.#tries += 1;
      } else {
        console.error("steelyard-panel: " + failed.message);
      }
      this.#waits = false;
      this.#show();
      this.#grant();
    } finally {
      clearTimeout(timer);
    }
  }

  #take(view) {
    if (view.changed && view.price) {
      this.#notice = { was: this.#notice?.was ?? view.changed, now: view.price.total };
      if (this.#notice.was === this.#notice.now) {
        this.#notice = null; // it is again what it was
      }
    }
    this.#view = view;
    this.#picked = view.sku === this.getAttribute("sku") && !view.variants.length ? this.#picked : view.sku;
    this.#fields = Object.fromEntries(
      view.asks.flatMap((one) => {
        const typed = this.#newer.has("a." + one.name) ? this.#fields["a." + one.name] : one.value;
        const unit = this.#newer.has("u." + one.name) ? this.#fields["u." + one.name] : one.unit;
        return one.unit ? [["a." + one.name, typed], ["u." + one.name, unit]] : [["a." + one.name, typed]];
      }),
    );
    if (!this.#newer.has("quantity")) {
      this.#quantity = view.quantity;
    }
    if (!this.#newer.has("pack") && view.packs.length) {
      this.#pack = view.pack;
    }
    this.#show();
  }

  #good() {
    return Boolean(this.#view?.token && !this.#trouble && !this.#notice && !this.#newer.size);
  }

  #show() {
    const words = ownWords(this);
    children(this.#body, this.#view ? this.#whole(words) : this.#nothingYet(words), this.#newer);
    this.#settle(words);
  }

  #settle(words) {
    const view = this.#view;
    if (this.#good()) {
      this.#internals.setFormValue(view.token);
      this.#internals.setValidity({});
      this.#tell("steelyard-price", {
        sku: view.sku,
        total: view.price.total,
        each: view.price.each,
        currency: view.currency,
        revision: view.revision,
        holds: view.holds,
        token: view.token,
      });
      return;
    }
    const wrong = this.#root.querySelector("[aria-invalid=true]");
    const fault = view && Object.values(view.faults)[0];
    const message = this.#trouble
      ? this.#trouble.lasting ? words.refused : words.away
      : this.#notice
        ? put(words.changed, this.#notice)
        : fault || view?.refusal || view?.closed || (view ? words.incomplete : words.loading);
    this.#internals.setFormValue(null);
    this.#internals.setValidity({ customError: true }, message, wrong || this.#root.querySelector("input, select, button") || undefined);
    if (view || this.#trouble) {
      this.#tell("steelyard-refused", { sku: this.getAttribute("sku"), message, faults: view?.faults ?? {}, away: Boolean(this.#trouble) });
    }
  }

  #tell(name, detail) {
    this.dispatchEvent(new CustomEvent(name, { detail, bubbles: true, composed: true }));
  }

  #nothingYet(words) {
    const trouble = this.#trouble;
    return [
      h("p", { class: trouble ? "fault" : "soft", role: "status" },
        trouble ? (trouble.lasting ? words.refused : words.away) : words.loading),
    ];
  }

  // ---- what is shown ----

  #whole(own) {
    const view = this.#view;
    const words = { ...view.words, ...own };
    if (view.closed) {
      return [this.#price(view, words)];
    }
    const lots = view.table.pieces && view.table.style === "cards" && view.tableShown;
    return [
      view.from && h("p", { class: "from wide", part: "from" }, h("span", { class: "soft" }, view.from.lead), " ", h("b", {}, view.from.money), " ",
        view.currency, " ", h("span", { class: "soft" }, view.from.per), " ", view.table.mark && h("i", { class: "flag" }, view.table.mark)),
      view.withoutTax && h("p", { class: "soft wide" }, words["without-tax"]),
      view.variants.length && !view.pieces.length ? this.#choices("sku", words.variant, view.variants.map((one) => [one.sku, one.name]), view.sku) : null,
      view.packs.length ? this.#packs(view, words) : null,
      view.asks.length ? h("div", { class: view.beside ? "asks beside wide" : "asks wide" }, view.asks.map((one) => this.#one(one, view, words))) : null,
      lots ? this.#lots(view, words) : null,
      this.#howMany(view, words),
      view.pieces.length ? this.#pieces(view, words) : null,
      view.tableShown && !lots ? this.#table(view, words) : null,
      view.drawing && h("div", { part: "drawing" }, drawing(view.drawing)),
      this.#price(view, words),
    ].filter(Boolean);
  }

  #fault(view, name) {
    return h("span", { class: "fault", part: "fault", id: "error-" + name, role: "alert" }, view.faults[name] || "");
  }

  #radio(field, value, checked, ...inside) {
    return h("label", { class: "pick", part: "option" },
      h("input", { type: "radio", name: field, "data-field": field, value, checked }), ...inside);
  }

  #choices(field, label, pairs, current) {
    return h("fieldset", { class: "wide", id: "choices-" + field }, h("legend", {}, label),
      h("div", { class: "picks many" }, pairs.map(([value, words]) => this.#radio(field, value, value === current, h("span", {}, words)))));
  }

  #packs(view, words) {
    return h("fieldset", { class: "wide", id: "packs" }, h("legend", {}, words.pack),
      h("div", { class: "picks" }, view.packs.map((one) => this.#radio("pack", one.name, one.name === view.pack,
        h("span", {}, h("b", {}, one.label), " ", one.price && h("b", {}, one.price), h("small", {}, one.perUnit))))),
      this.#fault(view, "pack"));
  }

  #one(one, view, words) {
    const field = "a." + one.name;
    const wrong = Boolean(view.faults[one.name]);
    const described = "help-" + one.name + " error-" + one.name;
    const disabled = !one.open || this.matches(":disabled");
    if (one.look === "measured") {
      return h("div", { class: "ask", id: "ask-" + one.name, hidden: !one.open },
        h("label", { class: "name", for: field }, one.label),
        h("span", { class: "measure" },
          h("input", { id: field, "data-field": field, value: this.#fields[field] ?? one.value, inputmode: "decimal", maxlength: 60, autocomplete: "off",
            disabled, "aria-invalid": wrong ? "true" : null, "aria-describedby": described }),
          one.units.length > 1
            ? h("select", { id: "u." + one.name, "data-field": "u." + one.name, "aria-label": words["unit-of-" + one.name], value: one.unit, disabled },
                one.units.map((unit) => h("option", { value: unit.code, selected: unit.code === one.unit }, unit.symbol)))
            : h("i", {}, one.units[0].symbol)),
        h("small", { id: "help-" + one.name }, [one.limits, one.help].filter(Boolean).join(" · ")),
        this.#fault(view, one.name));
    }
    if (one.look === "cards") {
      return h("fieldset", { class: "ask", id: "ask-" + one.name, hidden: !one.open, disabled }, h("legend", {}, one.label),
        h("div", { class: "picks" }, one.options.map((option) => this.#radio(field, option.name, option.name === one.value,
          option.picture && h("img", { src: new URL(option.picture, SERVICE).href, alt: "", width: 34, height: 34 }),
          h("span", {}, h("b", {}, option.label), h("small", {}, option.charge))))),
        this.#fault(view, one.name));
    }
    if (one.look === "tick") {
      const [off, on] = one.options;
      return h("div", { class: "ask", id: "ask-" + one.name, hidden: !one.open },
        h("label", { class: "tick" },
          h("input", { type: "checkbox", id: field, "data-field": field, "data-off": off.name, value: on.name, checked: on.name === one.value, disabled }),
          h("span", {}, one.ticked, " ", h("small", {}, on.charge))),
        this.#fault(view, one.name));
    }
    return h("div", { class: "ask", id: "ask-" + one.name, hidden: !one.open },
      h("label", { class: "name", for: field }, one.label),
      h("select", { id: field, "data-field": field, value: one.value, disabled, "aria-invalid": wrong ? "true" : null, "aria-describedby": "error-" + one.name },
        !one.required || !one.value ? h("option", { value: "" }, one.required ? words["pick-one"] : words.none) : null,
        one.options.map((option) => h("option", { value: option.name, selected: option.name === one.value },
          option.free ? option.label : option.label + " (" + option.charge + ")"))),
      this.#fault(view, one.name));
  }

  #lots(view, words) {
    return h("fieldset", { class: "wide", id: "lots" }, h("legend", {}, words["how-many"]),
      h("div", { class: "picks many" }, view.table.tiers.map((tier) => this.#radio("pick", tier.from, String(tier.from) === view.quantity,
        h("span", {}, tier.mark && h("i", { class: "flag" }, tier.mark), tier.mark && " ", h("b", {}, tier.title), " ", tier.total && h("strong", {}, tier.total),
          tier.each && tier.from > 1 && h("small", {}, tier.eachWords), tier.line && h("small", {}, tier.line))))));
  }

  #howMany(view, words) {
    const disabled = this.matches(":disabled");
    const step = (by) => () => {
      const field = this.#root.getElementById("quantity");
      const now = /^\d+$/.test(field.value.trim()) ? Number(field.value) : 0;
      const size = view.step;
      const next = by > 0 ? Math.floor(now / size) + 1 : Math.ceil(now / size) - 1;
      field.value = String(Math.max(1, next) * size);
      this.#typed(field);
    };
    return h("div", { id: "how-many", class: "wide" },
      h("label", { class: "name", for: "quantity" }, words.quantity),
      h("div", { class: "stepper" },
        h("button", { type: "button", "aria-label": words.less, onclick: step(-1), disabled }, "−"),
        h("input", { id: "quantity", "data-field": "quantity", inputmode: "numeric", maxlength: 40, autocomplete: "off", value: view.quantity, disabled,
          "aria-invalid": view.faults.quantity ? "true" : null, "aria-describedby": "orders error-quantity" }),
        h("button", { type: "button", "aria-label": words.more, onclick: step(1), disabled }, "+")),
      h("small", { id: "orders" }, view.orders),
      this.#fault(view, "quantity"));
  }

  #pieces(view, words) {
    return h("fieldset", { class: "wide", id: "pieces" }, h("legend", {}, words.variants),
      view.pieces.map((picked, at) => h("label", {}, words["piece-" + (at + 1)], " ",
        h("select", { id: "v." + (at + 1), "data-field": "v." + (at + 1), value: picked },
          view.variants.map((one) => h("option", { value: one.sku, selected: one.sku === picked }, one.name))))));
  }

  #table(view, words) {
    const { style, tiers, pieces } = view.table;
    if (style === "line") {
      return h("p", { class: "soft wide", id: "tier-line", part: "table" },
        tiers.map((tier, at) => [at ? " · " : "", tier.range, " ", h("b", {}, tier.worth)]));
    }
    return h("ol", { class: "tiers", id: "tiers", part: "table", "aria-label": words.table },
      tiers.map((tier) => h("li", { "aria-current": tier.reached ? "true" : null },
        h("span", {}, tier.range, " ", tier.mark && h("i", { class: "flag" }, tier.mark)), h("b", {}, tier.worth),
        h("small", {}, tier.together ? words["together-price"] : !tier.each ? "" : tier.saves ? "−" + tier.saves : pieces ? words.each : ""),
        tier.line && h("small", {}, tier.line))));
  }

  #price(view, words) {
    const { price } = view;
    const trouble = this.#trouble;
    return h("div", { class: trouble ? "price wide stale" : "price wide", id: "price", part: "price", "aria-live": "polite" },
      trouble && h("p", { class: "fault", role: "status" }, trouble.lasting ? words.refused : words.away),
      this.#notice && h("div", { class: "notice", role: "alert", id: "changed" }, put(words.changed, this.#notice),
        h("button", { type: "button", onclick: () => { this.#notice = null; this.#show(); } }, words.accept)),
      view.closed && h("p", { class: "fault" }, view.closed),
      view.refusal && h("p", { class: "fault" }, view.refusal),
      price && !trouble && h("p", { id: "sum" }, h("span", { class: "soft" }, price.pieces), " ", h("span", { class: "total", id: "total", part: "total" }, price.total), " ",
        h("span", { class: "soft" }, view.currency)),
      price && !trouble && h("p", { id: "each" }, price.shelf && h("s", { class: "soft" }, price.shelf), price.shelf && " ", h("b", {}, price.each), " ", words.each,
        price.billable && [" · ", words["billed-as"], " ", h("b", { id: "billable" }, price.billable)], price.perUnit && " · " + price.perUnit, price.lowest && h("span", { class: "soft", id: "lowest" }, " · " + price.lowest),
        price.figures.map((figure) => " · " + figure)),
      !price && !view.closed && !trouble && h("p", { class: "soft" }, this.#sent ? words.wrong : words["fill-in"]),
      price?.next && !trouble && h("p", { class: "soft", id: "next" }, price.next),
      view.deals.length ? h("ul", { class: "deals", "aria-label": words.deals }, view.deals.map((deal) => h("li", {}, h("b", {}, deal.words), " ",
        h("span", { class: "soft" }, [deal.counts ? words.counts : "", deal.missing].filter(Boolean).join("; "))))) : null,
      price?.steps.length && !trouble ? h("details", { id: "reckoning", part: "reckoning" }, h("summary", {}, words.reckoning),
        h("table", { class: "steps" }, h("tbody", {}, price.steps.map((step) => h("tr", {},
          h("td", {}, step.label, " ", h("span", { class: "soft" }, step.detail)), h("td", {}, step.result)))))) : null);
  }
}

function drawing(d) {
  return h("svg", { viewBox: "0 0 300 " + d.height, role: "img", "aria-label": d.says },
    d.shapes.map((shape) => h("path", { class: shape.kind, d: shape.path })),
    d.labels.map((label) => h("text", label.turned
      ? { "text-anchor": "middle", transform: `translate(${label.x} ${label.y}) rotate(-90)` }
      : { "text-anchor": "middle", x: label.x, y: label.y }, label.text)));
}

// ---- prices of lists ----

const unasked = new Map(); // the elements of one key, customer and language, until the page has been read
let gathering = null;

async function askForLists() {
  gathering = null;
  const groups = [...unasked.values()];
  unasked.clear();
  for (const elements of groups) {
    for (let at = 0; at < elements.length; at += 200) {
      askForSome(elements.slice(at, at + 200), 0);
    }
  }
}

async function askForSome(elements, tries) {
  const [first] = elements;
  const body = { skus: [...new Set(elements.map((one) => one.getAttribute("sku")))], lang: languageOf(first) };
  if (first.getAttribute("customer")) {
    body.customerToken = first.getAttribute("customer");
  }
  try {
    const answer = await ask("from-prices", first.getAttribute("key"), body);
    await handsOff();
    const prices = new Map(answer.prices.map((one) => [one.sku, one]));
    elements.forEach((one) => one.show(prices.get(one.getAttribute("sku")), answer.currency));
  } catch (failed) {
    if (failed instanceof Refused && failed.lasting) {
      console.error("steelyard-price: " + failed.message);
      return;
    }
    setTimeout(() => askForSome(elements, tries + 1), RETRY[Math.min(tries, RETRY.length - 1)]);
  }
}

class SteelyardPrice extends HTMLElement {
  connectedCallback() {
    const group = [this.getAttribute("key"), this.getAttribute("customer"), languageOf(this)].join("\n");
    unasked.set(group, [...(unasked.get(group) || []), this]);
    gathering ??= setTimeout(askForLists, 30);
  }

  /** What the service said; nothing for goods that have no price. */
  show(price, currency) {
    this.replaceChildren();
    if (price?.sold) {
      const money = document.createElement("b");
      money.textContent = price.money;
      this.append(price.lead ? price.lead + " " : "", money, " " + currency, price.per ? " " + price.per : "");
    }
    this.dispatchEvent(new CustomEvent("steelyard-price", { detail: price, bubbles: true }));
  }
}

customElements.define("steelyard-panel", SteelyardPanel);
customElements.define("steelyard-price", SteelyardPrice);
