import { useContext } from 'react';
import { Collecting } from '../enter/collecting';
import type { AskProps } from './ask-props';
import { TakePhoto } from '../place/take-photo';
import { WriteDown } from './write-down';

/** A picture of it; or, where a camera does not get in, what it says. */
export function AskPhoto(props: AskProps<'PHOTO'>) {
  const { card, boat, step } = props;
  const onPaper = useContext(Collecting) !== null;
  return (
    <WriteDown {...props} name="photo" placeholder="what it says">
      <TakePhoto card={card} boat={boat} step={step} />
      {!onPaper && <span className="text-soft text-[15px]">or</span>}
    </WriteDown>
  );
}
