import { everyKind } from '../parts/every-kind';
import { AskAboard } from './ask-aboard';
import { AskComplaints } from './ask-complaints';
import { AskCoolant } from './ask-coolant';
import { AskGiveUp } from './ask-give-up';
import { AskNote } from './ask-note';
import { AskPhoto } from './ask-photo';
import { AskDisinfect } from './ask-disinfect';
import { AskCatch, AskCount, AskDescale, AskFill } from './ask-number';
import {
  AskAfloat,
  AskEngine,
  AskKick,
  AskLook,
  AskOil,
  AskPick,
  AskRemedy,
  AskService,
  AskSet,
} from './ask-tap';
import { AskJug, AskSample } from './ask-sample';
import { AskOpen } from './ask-open';
import { FindPieces } from '../reading/find-pieces';
import { onCard } from '../reading/place';
import { ReadNumber } from '../reading/read-number';
import { SeeCondition } from '../reading/see-condition';
import { askId } from './ask-id';
import type { AskProps } from './ask-props';
import { Row } from './row';

/** One thing a step asks for, in the form its kind needs. */
export function AskShown({ wide, ...props }: AskProps & { wide: boolean }) {
  return (
    <div id={askId(props.ask)} className={`scroll-mt-4 ${wide ? 'sm:col-span-2' : ''}`}>
      {shown(props)}
    </div>
  );
}

function shown({ ask, ...on }: AskProps) {
  switch (ask.kind) {
    case 'SET':
      return <AskSet ask={ask} {...on} />;
    case 'ENGINE':
      return <AskEngine ask={ask} {...on} />;
    case 'KICK':
      return <AskKick ask={ask} {...on} />;
    case 'OPEN':
      return <AskOpen ask={ask} {...on} />;
    case 'READ':
      return <ReadNumber ask={ask} {...on} place={onCard(on.card, on.step)} />;
    case 'SEE':
      return <SeeAsked ask={ask} {...on} />;
    case 'PIECES':
      return <FindPieces ask={ask} {...on} place={onCard(on.card, on.step)} />;
    case 'FILL':
      return <AskFill ask={ask} {...on} />;
    case 'COUNT':
      return <AskCount ask={ask} {...on} />;
    case 'JUG':
      return <AskJug ask={ask} {...on} />;
    case 'SAMPLE':
      return <AskSample ask={ask} {...on} />;
    case 'CATCH':
      return <AskCatch ask={ask} {...on} />;
    case 'DISINFECT':
      return <AskDisinfect ask={ask} {...on} />;
    case 'PICK':
      return <AskPick ask={ask} {...on} />;
    case 'DESCALE':
      return <AskDescale ask={ask} {...on} />;
    case 'COOLANT':
      return <AskCoolant ask={ask} {...on} />;
    case 'FROST':
      return <FrostAsked ask={ask} {...on} />;
    case 'SERVICE':
      return <AskService ask={ask} {...on} />;
    case 'OIL':
      return <AskOil ask={ask} {...on} />;
    case 'REMEDY':
      return <AskRemedy ask={ask} {...on} />;
    case 'PHOTO':
      return <AskPhoto ask={ask} {...on} />;
    case 'COMPLAINTS':
      return <AskComplaints ask={ask} {...on} />;
    case 'GIVE_UP':
      return <AskGiveUp ask={ask} {...on} />;
    case 'ABOARD':
      return <AskAboard ask={ask} {...on} />;
    case 'LOOK':
      return <AskLook ask={ask} {...on} />;
    case 'NOTE':
      return <AskNote ask={ask} {...on} />;
    case 'AFLOAT':
      return <AskAfloat ask={ask} {...on} />;
    default:
      return everyKind(ask);
  }
}

function SeeAsked({ ask, boat, card, step, may }: AskProps<'SEE'>) {
  const { condition, found } = ask;
  const finding = condition.findings.find(({ key }) => key === found);
  return (
    <Row
      label={condition.name}
      beside={finding ? '' : `as it should be: ${condition.findings[0]?.words ?? ''}`}
      answer={finding?.words ?? null}
      tone={!finding ? 'open' : finding.call === 'GOOD' ? 'done' : 'bad'}
      unfolded={!ask.bundled || (finding !== undefined && finding.call !== 'GOOD')}
    >
      <SeeCondition
        boat={boat}
        engine={ask.engine}
        condition={condition}
        found={found}
        place={onCard(card, step)}
        may={may}
        bare
      />
    </Row>
  );
}

/** What frost did to a circuit: one tap. */
function FrostAsked({ ask, boat, card, step, may }: AskProps<'FROST'>) {
  return (
    <SeeCondition
      boat={boat}
      engine={null}
      condition={ask.condition}
      found={ask.found}
      place={onCard(card, step)}
      may={may}
      entryOf={(finding) => ({ kind: 'FROST_LOOKED', circuit: ask.circuit, finding })}
    />
  );
}
