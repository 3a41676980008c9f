import { ErrorText } from "../form";

/** In place of a long log that is on its way. */
export function LogComes({ lost }: { lost: boolean }) {
  return (
    <div className="p-4">
      {lost ? (
        <ErrorText>The log could not be read: the server cannot be reached. Load the page again.</ErrorText>
      ) : (
        <p role="status" className="dim">
          A long log: it is on its way…
        </p>
      )}
    </div>
  );
}
