/** Whether a page opens without a connection, in the footer of a room that works offline. */
export function OpensOffline({ opens }: { opens: boolean | null }) {
  if (opens === null) return null;
  return <>{opens ? "Kept on this device. Opens offline." : "Opens only with a connection."} </>;
}
