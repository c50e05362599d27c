import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { dueOfQuery } from '../queries/queries';
import { DueLines } from './due-lines';

/** What falls due on the boat one looks at; what is far off stays out of the way. */
export function DueOfOneBoat({ boat, may }: { boat: string; may: boolean }) {
  const { data } = useQuery(dueOfQuery(boat));
  if (!data) return null;
  const pressing = data.lines.filter((line) => line.due || line.standing === 'BEFORE_LAY_UP');
  return (
    <section aria-label="Due">
      <h2 className="stencil text-[18px]">Due</h2>
      <DueLines of={data} lines={pressing} may={may} />
      {pressing.length === 0 && (
        <p className="m-0 text-[14.5px]">Nothing before the next lay-up.</p>
      )}
      <p className="m-0 mt-1.5 text-[14.5px]">
        <Link className="plain" to={`/boats/${boat}/trends`}>
          engine history
        </Link>
      </p>
    </section>
  );
}
