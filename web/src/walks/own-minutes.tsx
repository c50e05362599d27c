import { useQuery } from '@tanstack/react-query';
import { ownMinutesQuery } from '../queries/queries';
import { boatsOf } from '../words/words';

/** How long work takes me here, beside the crew; nobody else is shown it. */
export function OwnMinutes() {
  const { data = [] } = useQuery(ownMinutesQuery);
  if (data.length === 0) return null;
  return (
    <details className="border-line bg-card rounded-[3px_14px_14px_3px] border-[1.5px] px-4">
      <summary className="min-h-14 cursor-pointer content-center">
        <b>My minutes</b> <span className="text-soft">only I see them</span>
      </summary>
      <ul className="m-0 grid list-none gap-1 p-0 pb-3">
        {data.map(({ work, own, crew, boats }) => (
          <li key={work}>
            <b>{work}</b>: {own} min, the crew {crew} min; from {boatsOf(boats)} of mine.
          </li>
        ))}
      </ul>
    </details>
  );
}
