import { keys } from '../api/keys';
import { useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import { RowsFile } from '../parts/rows-file';

/** The shelf counted from a file: all of its rows, or none. */
export function CountFile() {
  const queries = useQueryClient();
  return (
    <section aria-label="Count from a file" className="grid gap-1.5 text-[14.5px] print:hidden">
      <h2 className="stencil text-[18px]">Count from a file</h2>
      <p className="m-0">
        With the columns <code>shelf</code> and <code>quantity</code>, as the shelf goes out.
      </p>
      <RowsFile
        label="File of the count"
        done="counted"
        send={(csv) =>
          got(
            api.POST('/api/stores/count', {
              body: csv,
              bodySerializer: (body) => body,
              headers: { 'Content-Type': 'text/csv' },
            }),
          )
        }
        taken={() => void queries.invalidateQueries({ queryKey: keys.allStores })}
      />
    </section>
  );
}
