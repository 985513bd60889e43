/** Units findings speak in; the interface converts them. "" for words and plain numbers. */
export type Unit =
  | "bar g"
  | "bar"
  | "°C"
  | "K"
  | "N·m"
  | "N"
  | "DN"
  | "mm"
  | "MPa"
  | "kPa"
  | "mg/l"
  | "%"
  | "days"
  | "kg"
  | "s"
  | "";
