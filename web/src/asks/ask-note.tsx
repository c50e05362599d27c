import type { AskProps } from './ask-props';
import { WriteDown } from './write-down';

/** A few words to be written down; "nothing" is an answer too. */
export function AskNote(props: AskProps<'NOTE'>) {
  return <WriteDown {...props} name="note" />;
}
