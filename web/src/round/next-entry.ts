const ENTRY = 'input[data-round-entry]';

function entries(): HTMLInputElement[] {
  return [...document.querySelectorAll<HTMLInputElement>(ENTRY)];
}

/** From one reading to the next or the one before, down the whole round. */
export function goToEntry(from: HTMLInputElement, by: 1 | -1): void {
  const all = entries();
  const to = all[all.indexOf(from) + by];
  if (!to) return;
  to.focus();
  to.select();
}

/** To the reading of one bottle. */
export function goToMark(mark: string): void {
  const to = entries().find((input) => input.dataset.roundEntry === mark);
  to?.focus();
  to?.select();
}

/** The arrow keys walk, Escape goes back to what was not taken; true when the key was one of them. */
export function walked(event: React.KeyboardEvent<HTMLInputElement>): boolean {
  if (event.key === 'Escape') {
    const refused = entries().find((input) => input.ariaInvalid === 'true');
    if (refused) goToMark(refused.dataset.roundEntry!);
    return true;
  }
  if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return false;
  event.preventDefault();
  goToEntry(event.currentTarget, event.key === 'ArrowDown' ? 1 : -1);
  return true;
}
