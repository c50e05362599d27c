import { Dialog } from '../parts/dialog';

const KEYS: [string, string][] = [
  ['/', 'find a boat, a berth or a screen'],
  ['?', 'show these keys'],
  ['y', 'go to the Yard'],
  ['w', 'go to the Walks'],
  ['b', 'go to the Bench'],
  ['l', 'on the Yard: plan or list'],
  ['Enter', 'do what is marked; in a box: take the number in'],
  ['Esc', 'close what is open'],
];

export function KeysHelp({ onClose }: { onClose: () => void }) {
  return (
    <Dialog title="Keys" onClose={onClose}>
      <h2 className="stencil mb-3 text-xl">Keys</h2>
      <dl className="m-0 grid grid-cols-[70px_1fr] gap-y-2">
        {KEYS.map(([key, what]) => (
          <div key={key} className="contents">
            <dt>
              <kbd className="key">{key}</kbd>
            </dt>
            <dd className="m-0">{what}</dd>
          </div>
        ))}
      </dl>
      <div className="mt-5">
        <button type="button" className="btn" autoFocus onClick={onClose}>
          Close
        </button>
      </div>
    </Dialog>
  );
}
