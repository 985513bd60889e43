import "@fontsource-variable/archivo/wdth.css";
import "@fontsource-variable/spline-sans-mono/wght.css";
import "./app/theme.css";
//# sourceMappingURL=main.d.ts.map
