import { ChangePassword } from './change-password';
import { MyUnits } from './my-units';
import { MySessions } from './my-sessions';
import { CallOutLoudness } from '../timers/call-out-loudness';

/** Mine: the password, and where I am signed in. */
export function Account() {
  return (
    <main className="flex-1 gap-x-10 px-5 py-5 md:columns-2 xl:columns-3">
      <h1 className="sr-only">My password and devices</h1>
      <ChangePassword />
      <MySessions />
      <MyUnits />
      <CallOutLoudness />
    </main>
  );
}
