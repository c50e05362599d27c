import { useContext, useState } from 'react';
import { Collecting } from '../enter/collecting';
import { smallPhoto } from '../offline/photo';
import { Place } from './place';
import type { AtPlace } from './place';
import { Camera } from './camera';
import { FoundBy } from './found-by';
import { usePhoto } from './use-photo';
import { usePhotoOnDevice } from './photo-on-device';

/**
 * The picture by which the fitting is found, or the camera to take it, beside what is asked of it.
 * Where it is only passed by, no camera: `taken`.
 */
export function PhotoHere({ taken = false }: { taken?: boolean }) {
  const place = useContext(Place);
  const onPaper = useContext(Collecting) !== null;
  if (!place?.fitting || onPaper || (taken && !place.fitting.photo)) return null;
  return <AtFitting place={place} fitting={place.fitting} />;
}

function AtFitting({
  place,
  fitting,
}: {
  place: AtPlace;
  fitting: NonNullable<AtPlace['fitting']>;
}) {
  const { boat, card, step, may } = place;
  const [open, setOpen] = useState(false);
  const photo = usePhoto(boat.id, { card: card.id, step: step.key, fitting: fitting.key });
  const take = (file: File | undefined) => photo.take(file, `Photo of ${fitting.name}`);
  if (!fitting.photo) {
    if (!may) return null;
    return (
      <Camera
        className="text-soft grid min-h-14 w-14 shrink-0 place-items-center self-stretch"
        disabled={photo.waits}
        take={take}
      >
        <span className="sr-only">Photo of {fitting.name}</span>
        <CameraMark busy={photo.working} />
      </Camera>
    );
  }
  const { photo: id, words } = fitting.photo;
  return (
    <>
      <button
        type="button"
        className="min-h-14 w-[68px] shrink-0 self-stretch p-1"
        aria-label={`Picture of ${fitting.name}${words && `: ${words}`}`}
        onClick={() => setOpen(true)}
      >
        <Small boat={boat.id} photo={id} />
      </button>
      {open && (
        <FoundBy
          place={place}
          fitting={fitting}
          found={fitting.photo}
          take={may ? take : null}
          waits={photo.waits}
          refused={photo.refused}
          close={() => setOpen(false)}
        />
      )}
    </>
  );
}

/** From this device while it waits there; else the server's, which a device keeps small. */
function Small({ boat, photo }: { boat: string; photo: string }) {
  const [missing, setMissing] = useState(false);
  const { data: here, isPending } = usePhotoOnDevice(photo);
  const frame = 'border-line block h-full max-h-16 min-h-12 w-full rounded-[3px_8px_8px_3px]';
  if (isPending) return <span className={`${frame} border`} />;
  if (missing) return <span className={`${frame} text-soft border text-[11px]`}>on its way</span>;
  return (
    <img
      src={here ?? smallPhoto(boat, photo)}
      alt=""
      className={`${frame} border object-cover`}
      onError={() => setMissing(true)}
    />
  );
}

function CameraMark({ busy }: { busy: boolean }) {
  return (
    <svg width={28} height={28} viewBox="0 0 28 28" aria-hidden="true" opacity={busy ? 0.4 : 1}>
      <path
        d="M3 9h5l2-3h8l2 3h5v13H3z"
        fill="none"
        stroke="currentColor"
        strokeWidth={1.8}
        strokeLinejoin="round"
      />
      <circle cx={14} cy={15} r={4.2} fill="none" stroke="currentColor" strokeWidth={1.8} />
    </svg>
  );
}
