export declare const router: import("react-router").DataRouter;
//# sourceMappingURL=routes.d.ts.map
