import { QueryClient } from "@tanstack/react-query";
export declare const queryClient: QueryClient;
export declare const useProjects: () => import("@tanstack/react-query").UseQueryResult<
  {
    id: string;
    name: string;
    note: string;
    tags: number;
    opensOn: string | null;
  }[],
  Error
>;
/** The one project shown until there is a way to pick among several. */
export declare const useProject: () =>
  | {
      id: string;
      name: string;
      note: string;
      tags: number;
      opensOn: string | null;
    }
  | undefined;
export declare const useTagRows: (
  project: string | undefined,
) => import("@tanstack/react-query").UseQueryResult<
  {
    id: string;
    number: string;
    service: string;
    unit: string;
    dn: number | null;
    lineDesignation: string | null;
    version: number;
    choice: {
      valve: string;
      drive: string | null;
      notes: string;
      overrideReason: string | null;
    } | null;
    sheet: {
      id: string;
      revision: string;
    } | null;
  }[],
  Error
>;
export declare const useTag: (id: string) => import("@tanstack/react-query").UseQueryResult<
  {
    number: string;
    service: string;
    unit: string;
    duty: {
      dn: number | null;
      lineDesignation: string | null;
      endConnection:
        | "butt-weld"
        | "flanged RF"
        | "flanged RTJ"
        | "lug"
        | "socket-weld"
        | "threaded"
        | "wafer"
        | null;
      pipeSchedule: string | null;
      fluid: {
        name: string;
        family: string | null;
        phase: "dense phase" | "gas" | "liquid" | "steam" | "two-phase" | null;
      };
      function:
        | "diverting"
        | "double block and bleed"
        | "emergency shut-down"
        | "on-off isolation"
        | "throttling"
        | null;
      flowDirection: "both ways" | "one way" | null;
      shutOff: "A" | "AA" | "B" | "C" | "CC" | "D" | "E" | "EE" | "F" | "G" | null;
      fireSafe: boolean | null;
      inLineRepair: boolean | null;
      operator: "any" | "bare stem" | "electric" | "pneumatic" | null;
      onSupplyLoss: "closes" | "opens" | "stays" | null;
      airMinimumBarG: number | null;
      airMaximumBarG: number | null;
      longestShutDays: number | null;
      strokesPerYear: number | null;
      ambientMinimumC: number | null;
      ambientMaximumC: number | null;
      area: string | null;
      cases: {
        id: string;
        kind:
          | "blow-down"
          | "cold soak"
          | "fire"
          | "maximum"
          | "minimum"
          | "normal"
          | "shut-off differential"
          | "start-up"
          | "steam-out"
          | "upset";
        name: string;
        upstreamBarG: number | null;
        downstreamBarG: number | null;
        temperatureC: number | null;
        flow: "forward" | "reverse";
        mayBeShut: boolean;
      }[];
    };
    choice: {
      valve: string;
      drive: string | null;
      notes: string;
      overrideReason: string | null;
    } | null;
    id: string;
    projectId: string;
    version: number;
    dutyVersion: number;
    updatedAt: string;
    updatedBy: string;
  },
  Error
>;
export declare const useCatalogue: () => import("@tanstack/react-query").UseQueryResult<
  {
    revision: number;
    digest: string;
    createdAt: string;
    createdBy: string;
    catalogue: {
      format: "proven-seat-catalogue/1";
      name: string;
      revision: number;
      status: string;
      currency: string;
      lines: {
        id: string;
        maker: string;
        name: string;
        construction: string;
        mounting: "disc" | "floating" | "trunnion";
        entry: string;
        port: "full" | "reduced" | "wafer disc";
        cavity: string;
        sealing: "both ways" | "one way";
        barriers: number;
        inLineRepair: boolean;
        fireSafe: boolean;
        ends: ("butt-weld" | "flanged RF" | "flanged RTJ" | "lug" | "socket-weld" | "threaded" | "wafer")[];
        grades: {
          grade: string;
          priceFactor: number;
        }[];
        trims: {
          id: string;
          name: string;
          metals: string[];
          priceFactor: number;
        }[];
        seats: {
          seat: string;
          priceFactor: number;
          curve: {
            name: string;
            temperatureC: number[];
            pressureBarG: number[];
          } | null;
        }[];
        seals: {
          id: string;
          name: string;
          parts: {
            part: string;
            seal: string;
          }[];
          priceFactor: number;
        }[];
        stroke: {
          runToOpen: number;
          endToOpen: number;
          breakToClose: number;
          runToClose: number;
          endToClose: number;
        };
        torqueIncludesFactor: number;
        sizes: {
          dn: number;
          designation: string;
          boreMm: number;
          stemDiameterMm: number;
          maximumStemTorqueNm: number;
          pad: string;
          faceToFaceMm: number | null;
          weightKg: number;
          price: number;
          torque: {
            differentialBar: number[];
            breakToOpenNm: Record<string, number[]>;
          };
        }[];
      }[];
      drives: (
        | {
            id: string;
            maker: string;
            name: string;
            kind: "rack-and-pinion";
            maximumAirBarG: number;
            sizes: {
              id: string;
              pistonDiameterMm: number;
              pistonCount: number;
              pinionPitchRadiusMm: number;
              efficiency: number;
              springSets: {
                id: string;
                preloadN: number;
                rateNPerMm: number;
                price: number;
              }[];
              flange: string;
              weightKg: number;
              price: number;
            }[];
          }
        | {
            id: string;
            maker: string;
            name: string;
            kind: "electric on-off";
            sizes: {
              id: string;
              torqueAtMinimumVoltageNm: number;
              stallTorqueNm: number;
              flange: string;
              weightKg: number;
              price: number;
            }[];
          }
      )[];
    };
  },
  Error
>;
export declare const useHouseRules: () => import("@tanstack/react-query").UseQueryResult<
  {
    version: number;
    reason: string;
    createdAt: string;
    createdBy: string;
    values: import("@proven-seat/core/house").HouseRules;
  },
  Error
>;
export declare const useSheets: (tag: string) => import("@tanstack/react-query").UseQueryResult<
  {
    id: string;
    revision: string;
    digest: string;
    engine: string;
    issuedAt: string;
    issuedBy: string;
    valve: string;
    drive: string | null;
    verdict: string;
  }[],
  Error
>;
//# sourceMappingURL=queries.d.ts.map
