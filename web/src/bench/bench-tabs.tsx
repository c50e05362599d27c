import { Tabs } from '../parts/tabs';

const TABS: [string, string][] = [
  ['/bench', 'Samples'],
  ['/bench/round', 'Proof round'],
  ['/bench/mix', 'Mix'],
  ['/bench/fill', 'What a fill leaves'],
  ['/bench/fuel', 'Fuel for a trip'],
];

/** The bench and its sheets. */
export const BenchTabs = () => <Tabs label="Bench" tabs={TABS} />;
