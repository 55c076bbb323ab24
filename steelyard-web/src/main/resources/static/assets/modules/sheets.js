// Says at once that a file is too large, before it is on its way.
(() => {
  const form = document.getElementById("read-in");
  if (!form) {
    return;
  }
  const file = document.getElementById("file");
  const fault = document.getElementById("file-fault");
  const check = () => {
    const most = Number(form.dataset.most);
    const size = file.files.length ? file.files[0].size : 0;
    fault.textContent =
      size > most
        ? `The file has ${Math.ceil(size / 1048576).toLocaleString("en-GB")} MB; at most ${most / 1048576} MB are read. Split it, or save it as .xlsx.`
        : "";
    return size <= most;
  };
  file.addEventListener("change", check);
  form.addEventListener("submit", (event) => {
    if (!check()) {
      event.preventDefault();
      file.focus();
    }
  });
})();
