import { Tabs } from '../parts/tabs';

const TABS: [string, string][] = [
  ['/book', 'Log'],
  ['/book/due', 'What is due'],
  ['/book/reports', 'Reports'],
  ['/book/archive', 'Archive'],
];

/** The book and its sheets. */
export const BookTabs = () => <Tabs label="Book" tabs={TABS} />;
