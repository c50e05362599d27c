import { Tabs } from '../parts/tabs';

const TABS: [string, string][] = [
  ['/book', 'Log'],
  ['/book/due', 'What is due'],
  ['/book/archive', 'Archive'],
];

/** The book and its sheets. */
export const BookTabs = () => <Tabs label="Book" tabs={TABS} />;
