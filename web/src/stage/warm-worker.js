// @ts-check
// Has the browser make a drawing context ready: the first takes it long, and whoever asks for it waits.
const gl = new OffscreenCanvas(1, 1).getContext("webgl2", { antialias: true });
gl?.getParameter(gl.VERSION); // answered once all of it is there
postMessage(!!gl);
