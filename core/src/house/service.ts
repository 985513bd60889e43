import { choice, number } from "./definition.ts";

/** What the fluid, the sun and time do. */
export const service = {
  solarRiseK: number(
    "Sun on bare metal",
    "K",
    25,
    [0, 60],
    "A shut-in valve in the sun is warmer than the air: its cavity warms with it.",
  ),
  cavityLimit: choice(
    "Limit for a trapped cavity",
    ["1.0 × rating", "1.33 × rating"],
    "1.0 × rating",
    "Not above the rating at the temperature reached (ASME B16.34 2.3.3), or pipeline practice's third above it.",
  ),
  steamLimitC: number(
    "Soft seats in steam up to",
    "°C",
    185,
    [100, 260],
    "Steam wets, swells and flows a soft seat out sooner than dry heat.",
  ),
  limitedSteamLimitC: number(
    "Seats limited in steam up to",
    "°C",
    150,
    [100, 220],
    "Glass-filled and modified PTFE: low-pressure steam and steam-out only.",
  ),
  decompressionFromBarG: number(
    "Rapid decompression from",
    "bar g",
    50,
    [10, 200],
    "Above it gas taken up by an elastomer bursts it when pressure is let off.",
  ),
  softSeatSolidsPercent: number(
    "Solids a soft seat stands",
    "%",
    0.5,
    [0, 10],
    "Hard particles embed in polymer and score ball and seat.",
  ),
  setAfterDays: number(
    "Seat sets after",
    "days",
    30,
    [1, 3650],
    "A soft seat held shut takes a permanent set; reversed pressure then leaks past it.",
  ),
  sourFromKPa: number(
    "Sour service from H₂S",
    "kPa",
    0.3,
    [0.01, 5],
    "Partial pressure from which ISO 15156 applies; some owners start lower.",
  ),
} as const;
