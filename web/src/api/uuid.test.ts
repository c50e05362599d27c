import { expect, it } from 'vitest';
import { uuid } from './uuid';

it('an id is a random one of version 4, new each time', () => {
  const ids = Array.from({ length: 200 }, uuid);
  for (const id of ids) {
    expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  }
  expect(new Set(ids).size).toBe(200);
});
