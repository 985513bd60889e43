/// <reference types="vite/client" />
declare module "@fontsource-variable/archivo/wdth.css";
declare module "@fontsource-variable/spline-sans-mono/wght.css";
