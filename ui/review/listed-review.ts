export type ListedAnswer = {
  person: string;
  personId: string;
  verdict: 'approve' | 'ask-changes';
  note: string;
  revision: number;
  at: string;
  holds: boolean;
  lapsedBy: string[];
};

export type ListedReview = {
  askedBy: string;
  askedById: string;
  askedAt: string;
  note: string;
  revision: number;
  people: { id: string; name: string }[];
  answers: ListedAnswer[];
};
