import type { Wire } from '../../../app/wire';
import type { CountedMeasurement, ListedMeasurement } from '../../../server/editions/measurements';

/** A measurement as the view lists it; moments as ISO 8601 text. */
export type ListedMeasured = Wire<ListedMeasurement>;

/** A measurement as it is drawn over time. */
export type CountedMeasured = Wire<CountedMeasurement>;
