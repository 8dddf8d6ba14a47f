/** What is wrong, said at once; nothing where all is well. */
export function Problem({ says }: { says: string | null | undefined }) {
  if (!says) return null;
  return (
    <p className="problem" role="alert">
      {says}
    </p>
  );
}
