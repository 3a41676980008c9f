"use client";

import { ImagePlus, Trash2 } from "lucide-react";
import { useMemo, useRef, useState } from "react";
import { PHOTO_VIEWS, VIEW_WORDS, type Model, type Pin, type View } from "@/core/model";
import { movePins } from "@/core/picture";
import { tableOf } from "@/core/tables";
import type { ModelPicture } from "@/db/pictures";
import { ErrorText } from "@/ui/form";
import { pictureSrc, PictureView } from "@/ui/picture";
import { changeTable } from "./actions";
import { Segments } from "@/ui/Segments";
import { IfMay } from "@/ui/role";

/** How far an arrow key moves a pin, a share of the picture; with Shift five times as far. */
const STEP = 0.004;
const UNREACHABLE = "The server cannot be reached; the pins are still here.";

/** Everything that can have a place: parts, tubes, adjusters, windings' parts and points of the chart. */
function namesOf({ sheet }: Model): string[] {
  const adjusters = (sheet.alignment ?? []).map(({ adjust }) => adjust);
  const coils = sheet.windings.flatMap(({ winding }) => winding.match(/^[A-Z]{1,3}\d{1,3}/)?.[0] ?? []);
  return [
    ...new Set([
      ...sheet.tubes.map(({ position }) => position),
      ...adjusters,
      ...sheet.components.map(({ designator }) => designator),
      ...coils,
      ...sheet.points.map(({ point }) => point),
    ]),
  ];
}

type PicturesProps = {
  model: Model;
  pictures: readonly ModelPicture[];
  version: number;
  onSaved: (version: number) => void;
  onPhoto: () => void;
};

/** Two pins of an old photo that were put right on the new one: the others follow. */
function FollowTwo({
  pins,
  before,
  aspects,
  onMoved,
}: {
  pins: readonly Pin[];
  before: readonly Pin[];
  aspects: { from: number; to: number };
  onMoved: (pins: Pin[], outside: Pin[]) => void;
}) {
  const moved = pins.flatMap((pin) => {
    const old = before.find(({ name }) => name === pin.name);
    return old && (Math.abs(old.x - pin.x) > 1e-9 || Math.abs(old.y - pin.y) > 1e-9)
      ? [{ name: pin.name, from: old, to: pin }]
      : [];
  });
  const [a, b] = moved;
  const [error, setError] = useState<string>();
  return (
    <div className="rounded-box border-2 border-warning p-2">
      <p>
        This photo is new and its pins are those of the old one. Drag two of them, far apart, to their right places: the
        others follow. {moved.length > 0 ? `Put right: ${moved.map(({ name }) => name).join(", ")}.` : ""}
      </p>
      <button
        type="button"
        className="btn btn-primary mt-1 h-11"
        disabled={!a || !b}
        onClick={() => {
          if (!a || !b) return;
          const made = movePins(before, [a, b], aspects);
          if (!made) return setError("The two are too near to each other: take two that are far apart.");
          setError(undefined);
          return onMoved(made.pins, made.outside);
        }}
      >
        Move the others with these two
      </button>
      {error ? <ErrorText>{error}</ErrorText> : null}
    </div>
  );
}

/** Photos of the model, and where its parts sit in them: pinned by hand, moved by dragging or by arrow keys. */
export function Pictures({ model, pictures, version, onSaved, onPhoto }: PicturesProps) {
  const [view, setView] = useState<View>(pictures[0]?.view ?? "top");
  const [draft, setDraft] = useState<Pin[]>();
  const [chosen, setChosen] = useState<string>();
  const [find, setFind] = useState("");
  const [said, setSaid] = useState<{ error?: string; text?: string }>({});
  const [busy, setBusy] = useState(false);
  // The pins of a photo that was just replaced, and the shape of that photo.
  const [replaced, setReplaced] = useState<{ view: View; aspect: number }>();
  const file = useRef<HTMLInputElement>(null);
  const stored = useMemo(() => model.sheet.pins ?? [], [model.sheet.pins]);
  const all = draft ?? stored;
  const picture = pictures.find((one) => one.view === view);
  const mine = all.filter((pin) => pin.view === view);
  const names = useMemo(() => namesOf(model), [model]);
  const known = new Set(names);
  const pinned = new Set(mine.map(({ name }) => name));
  const listed = [...new Set([...names, ...mine.map(({ name }) => name)])].filter((name) =>
    name.toLowerCase().includes(find.trim().toLowerCase()),
  );

  const put = (name: string, place: { x: number; y: number }) => {
    setSaid({});
    setDraft([...all.filter((pin) => !(pin.view === view && pin.name === name)), { view, name, ...place }]);
  };
  const remove = (name: string) => setDraft(all.filter((pin) => !(pin.view === view && pin.name === name)));
  const nudge = (name: string, event: React.KeyboardEvent) => {
    const pin = mine.find((one) => one.name === name);
    const by = event.shiftKey ? STEP * 5 : STEP;
    const to = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, -by], ArrowDown: [0, by] }[event.key];
    if (pin && to) {
      event.preventDefault();
      put(name, {
        x: Math.min(1, Math.max(0, pin.x + (to[0] ?? 0))),
        y: Math.min(1, Math.max(0, pin.y + (to[1] ?? 0))),
      });
    } else if (pin && (event.key === "Delete" || event.key === "Backspace")) {
      event.preventDefault();
      remove(name);
    }
  };
  const save = async () => {
    const { columns, write } = tableOf("pins");
    const cells = [
      columns.map(({ title }) => title),
      ...all.map((pin) => {
        const texts = write(pin);
        return columns.map(({ key }) => texts[key] ?? "");
      }),
    ];
    const answer = await changeTable({ id: model.id, version }, { table: "pins", cells, replace: true }).catch(() => ({
      ok: false as const,
      message: UNREACHABLE,
    }));
    if (!answer.ok) return setSaid({ error: answer.message });
    setDraft(undefined);
    setReplaced(undefined);
    setSaid({ text: "Saved: every set of this model follows." });
    return onSaved(answer.version);
  };
  const take = async (photo: File) => {
    setBusy(true);
    const aspect = picture ? picture.width / picture.height : undefined;
    const answer = await fetch(`/api/models/${model.id}/pictures?view=${view}`, { method: "POST", body: photo }).catch(
      () => undefined,
    );
    setBusy(false);
    if (!answer) return setSaid({ error: "The server cannot be reached: try the photo again in a moment." });
    if (!answer.ok) {
      const { problems } = (await answer.json().catch(() => ({}))) as { problems?: { message: string }[] };
      return setSaid({ error: problems?.[0]?.message ?? "The photo could not be saved." });
    }
    if (aspect !== undefined && mine.length > 1) setReplaced({ view, aspect });
    setSaid({ text: "The photo is kept." });
    return onPhoto();
  };
  const drop = async () => {
    const answer = await fetch(`/api/models/${model.id}/pictures?view=${view}`, { method: "DELETE" }).catch(
      () => undefined,
    );
    if (!answer?.ok) return setSaid({ error: "The photo could not be taken away: try again in a moment." });
    setSaid({ text: "The photo is gone; its pins stay in the table Places." });
    return onPhoto();
  };
  const following = replaced?.view === view && picture;
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-center gap-2">
        <Segments
          label="Side of the chassis"
          options={PHOTO_VIEWS.map(
            (one) =>
              [one, `${VIEW_WORDS[one]}${pictures.some((known) => known.view === one) ? "" : ", no photo"}`] as const,
          )}
          value={view}
          onChange={setView}
        />
        <input
          ref={file}
          type="file"
          accept="image/*"
          className="sr-only"
          aria-label={`Photo: ${VIEW_WORDS[view]}`}
          onChange={(event) => {
            const [photo] = event.target.files ?? [];
            event.target.value = "";
            if (photo) void take(photo);
          }}
        />
        <IfMay action="change model">
          <button type="button" className="btn btn-outline h-11" disabled={busy} onClick={() => file.current?.click()}>
            <ImagePlus size={16} aria-hidden="true" /> {busy ? "Sending…" : picture ? "Another photo" : "Add a photo"}
          </button>
          {picture ? (
            <button type="button" className="btn btn-ghost h-11" onClick={() => void drop()}>
              <Trash2 size={16} aria-hidden="true" /> Take the photo away
            </button>
          ) : null}
        </IfMay>
        <span className="grow" />
        <IfMay action="change model">
          <button type="button" className="btn btn-primary h-11" disabled={!draft} onClick={() => void save()}>
            Save the places
          </button>
          <button type="button" className="btn btn-ghost h-11" disabled={!draft} onClick={() => setDraft(undefined)}>
            Undo what is not saved
          </button>
        </IfMay>
      </div>
      {said.error ? <ErrorText>{said.error}</ErrorText> : null}
      {said.text ? <p role="status">{said.text}</p> : null}
      {following ? (
        <FollowTwo
          pins={mine}
          before={stored.filter((pin) => pin.view === view)}
          aspects={{ from: replaced.aspect, to: following.width / following.height }}
          onMoved={(moved, outside) => {
            setDraft([...all.filter((pin) => pin.view !== view), ...moved]);
            setReplaced(undefined);
            setSaid({
              text:
                outside.length > 0
                  ? `Outside the new photo, and left out: ${outside.map(({ name }) => name).join(", ")}.`
                  : "All pins were moved. Look them over, then save.",
            });
          }}
        />
      ) : null}
      {picture ? (
        <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_17rem]">
          <PictureView
            label={`${VIEW_WORDS[view]}: ${mine.length} places`}
            aspect={picture.width / picture.height}
            src={pictureSrc(picture.id)}
            spots={mine.map((pin) => ({
              ...pin,
              named: true,
              lit: pin.name === chosen,
              doubtful: !known.has(pin.name),
            }))}
            zooms
            onSpot={setChosen}
            onPlace={(place) =>
              chosen ? put(chosen, place) : setSaid({ error: "Choose in the list what sits there." })
            }
            onDrag={put}
            onKey={nudge}
          />
          <section aria-label="What has a place">
            <input
              className="input h-11 w-full"
              placeholder="Find a part"
              aria-label="Find a part"
              value={find}
              onChange={(event) => setFind(event.target.value)}
            />
            <p className="dim my-1 text-sm">
              Choose a part, then press its place. Drag a pin, or move it with the arrow keys; Delete takes it away.
              {chosen ? (
                <>
                  {" "}
                  Now: <strong>{chosen}</strong>.
                </>
              ) : null}
            </p>
            <ul className="max-h-[26rem] overflow-y-auto" tabIndex={0} aria-label="Parts and points">
              {listed.map((name) => (
                <li key={name} className="flex items-center">
                  <button
                    type="button"
                    aria-pressed={chosen === name}
                    className={`flex min-h-10 grow items-center gap-2 rounded-field px-2 text-left hover:bg-base-200 ${chosen === name ? "bg-base-200 font-bold" : ""}`}
                    onClick={() => setChosen(name)}
                    onKeyDown={(event) => nudge(name, event)}
                  >
                    <span className="font-mono">{name}</span>
                    <span className="dim ml-auto text-sm">
                      {known.has(name) ? (pinned.has(name) ? "pinned" : "") : "not in the sheet any more"}
                    </span>
                  </button>
                  {pinned.has(name) ? (
                    <button
                      type="button"
                      className="btn btn-ghost h-10 w-10 px-0"
                      aria-label={`Take the pin of ${name} away`}
                      onClick={() => remove(name)}
                    >
                      ×
                    </button>
                  ) : null}
                </li>
              ))}
            </ul>
          </section>
        </div>
      ) : (
        <p>
          No photo of this side yet. With one, parts and adjusters are pinned once, and lit on every plate where they
          are spoken of. Until then the plan by stages is shown.
        </p>
      )}
    </div>
  );
}
