import type { AskView, BoatView, CardView, StepView } from '../api/client';
import { AskAboard } from './ask-aboard';
import { AskCoolant } from './ask-coolant';
import { AskNote } from './ask-note';
import { AskDisinfect } from './ask-disinfect';
import { AskCatch, AskCount, AskDescale, AskFill } from './ask-number';
import { AskAfloat, AskEngine, AskKick, AskLook, AskPick, AskService, AskSet } from './ask-tap';
import { AskJug, AskSample } from './ask-sample';
import { AskOpen } from './ask-open';
import { FindPieces } from '../reading/find-pieces';
import { onCard } from '../reading/place';
import { ReadNumber } from '../reading/read-number';
import { SeeCondition } from '../reading/see-condition';

export interface AskProps {
  ask: AskView;
  card: CardView;
  boat: BoatView;
  step: StepView;
  /** Whether this person may answer it now. */
  may: boolean;
}

/** One thing a step asks for, in the form its kind needs. */
export function AskShown({ wide, ...props }: AskProps & { wide: boolean }) {
  return <div className={wide ? 'sm:col-span-2' : ''}>{shown(props)}</div>;
}

function shown(props: AskProps) {
  switch (props.ask.kind) {
    case 'SET':
      return <AskSet {...props} />;
    case 'ENGINE':
      return <AskEngine {...props} />;
    case 'KICK':
      return <AskKick {...props} />;
    case 'OPEN':
      return <AskOpen {...props} />;
    case 'READ':
      return <ReadNumber {...props} place={onCard(props.card, props.step)} />;
    case 'SEE':
      return <SeeAsked {...props} />;
    case 'PIECES':
      return <FindPieces {...props} place={onCard(props.card, props.step)} />;
    case 'FILL':
      return <AskFill {...props} />;
    case 'COUNT':
      return <AskCount {...props} />;
    case 'JUG':
      return <AskJug {...props} />;
    case 'SAMPLE':
      return <AskSample {...props} />;
    case 'CATCH':
      return <AskCatch {...props} />;
    case 'DISINFECT':
      return <AskDisinfect {...props} />;
    case 'PICK':
      return <AskPick {...props} />;
    case 'DESCALE':
      return <AskDescale {...props} />;
    case 'COOLANT':
      return <AskCoolant {...props} />;
    case 'FROST':
      return <FrostAsked {...props} />;
    case 'SERVICE':
      return <AskService {...props} />;
    case 'ABOARD':
      return <AskAboard {...props} />;
    case 'LOOK':
      return <AskLook {...props} />;
    case 'NOTE':
      return <AskNote {...props} />;
    case 'AFLOAT':
      return <AskAfloat {...props} />;
  }
}

function SeeAsked({ ask, boat, card, step, may }: AskProps) {
  return (
    <SeeCondition
      boat={boat}
      engine={ask.engine}
      condition={ask.condition!}
      found={ask.found}
      place={onCard(card, step)}
      may={may}
    />
  );
}

/** What frost did to a circuit: one tap. */
function FrostAsked({ ask, boat, card, step, may }: AskProps) {
  return (
    <SeeCondition
      boat={boat}
      engine={null}
      condition={ask.condition!}
      found={ask.found}
      place={onCard(card, step)}
      may={may}
      entryOf={(finding) => ({ kind: 'FROST_LOOKED', circuit: ask.circuit!, finding })}
    />
  );
}
