/** The demo team: invented people of an invented ferry operator. */
export const DEMO_TEAM = { slug: 'tidewick', name: 'Tidewick Ferries' };

export const DEMO_PEOPLE = [
  {
    email: 'ansa@tidewick.example',
    name: 'Ansa Brisk',
    password: 'ferry-slip-at-nine',
    says: 'Grid author',
    role: 'owner',
  },
  {
    email: 'joon@tidewick.example',
    name: 'Joon Talvi',
    password: 'gangway-lights-on',
    says: 'Front end',
    role: 'reader',
  },
  {
    email: 'mirela@tidewick.example',
    name: 'Mirela Cask',
    password: 'second-look-pays',
    says: 'Reviewer',
    role: 'reviewer',
  },
  {
    email: 'obi@tidewick.example',
    name: 'Obi Lorne',
    password: 'first-day-aboard',
    says: 'New designer',
    role: 'author',
  },
] as const;
