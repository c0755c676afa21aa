// What answers on a page comes when the page is there, in tasks of its own: htmx looks through all of it at once, and would do so in the
// task in which the page is read and laid out. It waits for an event that is over then if the page is not quite loaded, so `load` it is.
const loaded = document.readyState === 'complete' ? Promise.resolve() : new Promise((resolve) => { addEventListener('load', resolve, { once: true }); });

await loaded;
await import('./app.js');
