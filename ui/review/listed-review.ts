import type { Wire } from '../../app/wire';
import type { Answer, Review } from '../../server/specs/reviews';

export type ListedAnswer = Wire<Answer>;
export type ListedReview = Wire<Review>;
