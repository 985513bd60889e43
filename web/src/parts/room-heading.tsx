interface Props {
  readonly name: string;
  /** What the room is for; drawn where the header has room for it and the room writes nothing there itself. */
  readonly subtitle: string;
}

/** Heading of a room in the header: the name is in the navigation already, so only its purpose is drawn. */
export function RoomHeading({ name, subtitle }: Props) {
  return (
    <>
      <h1 className="sr-only">{`${name}: ${subtitle}`}</h1>
      <span aria-hidden className="hidden shrink-0 whitespace-nowrap text-dim xl:[&:has(+div:empty)]:block">
        {subtitle}
      </span>
    </>
  );
}
