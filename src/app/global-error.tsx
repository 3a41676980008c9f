"use client";

export default function GlobalError({ error }: { error: Error & { digest?: string } }) {
  return (
    <html lang="en">
      <body style={{ fontFamily: "system-ui", padding: "3rem" }}>
        <h1>Jumelle cannot reach its database.</h1>
        <p>Nothing that was saved is lost. Check that the application was started with bin/demo, then reload.</p>
        <p>Reference {error.digest ?? "none"}</p>
      </body>
    </html>
  );
}
