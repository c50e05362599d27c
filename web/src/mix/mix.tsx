import { BlendSheet } from './blend-sheet';
import { DescalerSheet } from './descaler-sheet';
import { DisinfectionSheet } from './disinfection-sheet';
import { ToppingSheet } from './topping-sheet';

/** What do I mix? Four calculations that store nothing. */
export function Mix() {
  return (
    <main className="grid flex-1 content-start gap-x-8 gap-y-10 px-5 py-4 lg:grid-cols-4">
      <h1 className="sr-only">Mix</h1>
      <BlendSheet />
      <ToppingSheet />
      <DescalerSheet />
      <DisinfectionSheet />
    </main>
  );
}
