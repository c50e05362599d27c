import type { Accessory, Catalog } from '../api/client';
import { sentence } from '../words/words';
import { Pick } from './pick';
import type { Typed } from './typed';

interface AccessoriesProps {
  catalog: Catalog;
  answers: Typed['answers'];
  answer: (answers: Typed['answers']) => void;
}

const CHOICES = [
  { value: 'YES' as const, words: 'yes' },
  { value: 'NO' as const, words: 'no' },
];

/** What else aboard may hold water: each is answered yes or no, or stays unknown and in sight. */
export function Accessories({ catalog, answers, answer }: AccessoriesProps) {
  const open = catalog.accessories.filter(({ key }) => !isAnswered(answers, key));
  const restNo = () =>
    answer({ ...answers, ...Object.fromEntries(open.map(({ key }) => [key, 'NO'])) });
  return (
    <section aria-label="Circuits" className="grid gap-1">
      <div className="flex items-baseline gap-3">
        <h2 className="stencil text-[18px]">What else holds water</h2>
        {open.length > 0 ? (
          <button type="button" className="plain ml-auto text-[14px]" onClick={restNo}>
            the other {open.length}: no
          </button>
        ) : (
          <span className="text-soft ml-auto text-[13.5px]">all answered</span>
        )}
      </div>
      <ul className="m-0 grid list-none gap-0 p-0">
        {catalog.accessories.map(({ key, words }) => (
          <li
            key={key}
            className="border-line flex items-center gap-3 border-t py-1 first:border-t-0"
          >
            <span className="flex-1 text-[14.5px]">
              {sentence(words)}
              {!isAnswered(answers, key) && (
                <span className="text-brass text-[13px] font-semibold"> · not answered</span>
              )}
            </span>
            <Pick
              legend={words}
              hidden
              value={isAnswered(answers, key) ? (answers[key] as 'YES' | 'NO') : ''}
              options={CHOICES}
              choose={(value) => answer({ ...answers, [key]: value })}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}

const isAnswered = (answers: Typed['answers'], key: Accessory) =>
  answers[key] === 'YES' || answers[key] === 'NO';
