import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, it } from 'vitest';
import { draftOf, useDraft } from './draft';
import { useRefused } from '../parts/refused';
import { allIsThrough, isUnderWay } from './under-way';

it('is waited for until the last of it has ended, well or not', async () => {
  let keep: () => void = () => undefined;
  let refuse: (why: Error) => void = () => undefined;
  const ended: string[] = [];
  const first = isUnderWay(new Promise<void>((done) => (keep = done)));
  const second = isUnderWay(new Promise<void>((_, fail) => (refuse = fail)));
  void first.then(() => ended.push('kept'));
  void second.catch(() => ended.push('refused'));
  const through = allIsThrough().then(() => ended.push('through'));
  keep();
  await first;
  refuse(new Error('no'));
  await through;
  expect(ended).toEqual(['kept', 'refused', 'through']);
});

it('what follows from it counts too: a note is not left as a draft when its screen goes', async () => {
  let answer: () => void = () => undefined;
  function Note() {
    const [text, type, clear] = useDraft('note');
    const { attempt } = useRefused([]);
    const save = async () => {
      if (await attempt(() => new Promise<void>((kept) => (answer = kept)))) clear();
    };
    return (
      <>
        <input aria-label="Note" value={text} onChange={(event) => type(event.target.value)} />
        <button onClick={() => void save()}>Write it down</button>
      </>
    );
  }
  const shown = render(<Note />);
  await userEvent.type(screen.getByLabelText('Note'), 'torn');
  await userEvent.click(screen.getByText('Write it down'));
  expect(draftOf('note')).toBe('torn');
  shown.unmount();
  answer();
  await act(allIsThrough);
  expect(draftOf('note')).toBeNull();
});
