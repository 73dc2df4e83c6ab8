/** Stones, told by their pattern and not by colour alone. */
export function GravelPattern({ id }: { id: string }) {
  return (
    <pattern id={id} width="9" height="9" patternUnits="userSpaceOnUse">
      <rect width="9" height="9" fill="#c9bfa9" />
      <circle cx="2.5" cy="3" r="1.9" fill="#8f8774" />
      <circle cx="6.8" cy="6.6" r="1.6" fill="#a59c86" />
    </pattern>
  );
}
