import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, got } from '../api/client';
import type { Description } from '../api/client';
import { boatQuery, boatsQuery, templatesQuery } from '../queries/queries';
import { Choice } from '../parts/field';
import { asSister, fromDescription } from './typed';
import type { Typed } from './typed';

/** Another boat, or a saved template, as the beginning. */
export function StartFrom({ start }: { start: (typed: Typed) => void }) {
  const queries = useQueryClient();
  const { data: boats = [] } = useQuery(boatsQuery);
  const { data: templates = [] } = useQuery(templatesQuery);
  const choose = async (value: string) => {
    const [kind, id = ''] = value.split('/');
    if (kind === 'boat') start(asSister((await queries.fetchQuery(boatQuery(id))).description));
    const template = templates.find((t) => t.id === id);
    if (kind === 'template' && template) {
      start({ ...fromDescription(template.description), name: '', hullId: '' });
    }
  };
  return (
    <Choice label="Start from" value="" onChoose={(value) => void choose(value)}>
      <option value="">nothing, or choose…</option>
      {templates.length > 0 && (
        <optgroup label="the yard's templates">
          {templates.map((template) => (
            <option key={template.id} value={`template/${template.id}`}>
              {template.name}
            </option>
          ))}
        </optgroup>
      )}
      <optgroup label="a sister boat">
        {boats.map((boat) => (
          <option key={boat.id} value={`boat/${boat.id}`}>
            {boat.name}
          </option>
        ))}
      </optgroup>
    </Choice>
  );
}

/** Saves what is described as a template of the yard. */
export function useSaveTemplate() {
  const queries = useQueryClient();
  return async (name: string, description: Description) => {
    await got(api.POST('/api/boats/templates', { body: { name, description } }));
    await queries.invalidateQueries({ queryKey: templatesQuery.queryKey });
  };
}
