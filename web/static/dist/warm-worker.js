var e=new OffscreenCanvas(1,1).getContext("webgl2",{antialias:!0});e?.getParameter(e.VERSION);postMessage(!!e);
