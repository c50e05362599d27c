import { describe, expect, it } from 'vitest';
import type { BoatLine, LaunchLine, ShelfView } from '../api/client';
import { found, hitsOf } from './hits';

const boat = (id: string, name: string, over: Partial<BoatLine> = {}) =>
  ({ id, name, hullId: '', berth: null, protection: 'PROVEN', afloat: false, ...over }) as BoatLine;

const ALL = hitsOf({
  boats: [
    boat('m', 'Marram', { protection: 'HELD', hullId: 'FEN-240' }),
    boat('s', 'Skua', { afloat: true }),
    boat('l', 'Brandling'),
  ],
  plan: undefined,
  owners: [{ boat: 'm', owner: 'L. Brandel' }],
  launches: [{ boat: 'm', promisedOn: '2031-04-02' } as LaunchLine],
  shelf: {
    lots: [{ number: 'P38-112', productName: 'Skeldra Rose 38' }],
    instruments: [{ id: 'g', name: 'Bay glass', kindWords: 'refractometer' }],
  } as unknown as ShelfView,
  items: [{ item: 'i', name: 'Impeller 210' }],
  people: [{ id: 'o', name: 'Orrin' }],
  runYard: true,
});

const titles = (text: string) => found(ALL, text).map(({ title }) => title);

describe('find', () => {
  it('answers an owner who phones with one look: whose, how safe, launched when', () => {
    const [first] = found(ALL, 'brandel');
    expect(first).toMatchObject({ title: 'Marram', to: '/boats/m', protection: 'HELD' });
    expect(first!.more).toContain('L. Brandel · launch Wed 2 Apr');
  });

  it('what begins so comes before what only has it', () => {
    expect(titles('brand')).toEqual(['Brandling', 'Marram']);
  });

  it.each([
    ['p38', 'P38-112'],
    ['glass', 'Bay glass'],
    ['impeller', 'Impeller 210'],
    ['orrin', 'Orrin'],
    ['tags', 'Reports'],
    ['fen-240', 'Marram'],
    ['held marram', 'Marram'],
    ['units', 'My account'],
  ])('"%s" leads to %s', (text, title) => {
    expect(titles(text)).toContain(title);
  });

  it('leads a lot to where it went', () => {
    expect(found(ALL, 'P38-112')[0]!.to).toBe('/book?lot=P38-112');
  });

  it('finds nothing that is not there', () => {
    expect(titles('no such thing')).toEqual([]);
  });
});
