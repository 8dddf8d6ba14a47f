import * as account from './account/route';
import * as accountHints from './account/hints/route';
import * as accountPassword from './account/password/route';
import * as accountSessions from './account/sessions/route';
import * as accountSession from './account/sessions/[session]/route';
import * as join from './join/[secret]/route';
import * as notices from './notices/route';
import * as password from './password/[secret]/route';
import * as session from './session/route';
import * as sessionEnd from './session/end/route';
import * as spec from './specs/[id]/route';
import * as specDraft from './specs/[id]/draft/route';
import * as specEditions from './specs/[id]/editions/route';
import * as specEvents from './specs/[id]/events/route';
import * as specFollowers from './specs/[id]/followers/route';
import * as specFollower from './specs/[id]/followers/[follower]/route';
import * as specPresence from './specs/[id]/presence/route';
import * as specRemarks from './specs/[id]/remarks/route';
import * as specRemark from './specs/[id]/remarks/[remark]/route';
import * as specReview from './specs/[id]/review/route';
import * as specReviewAnswers from './specs/[id]/review/answers/route';
import * as specRevision from './specs/[id]/revisions/[revision]/route';
import * as specStartingSets from './specs/[id]/starting-sets/route';
import * as specMeasurements from './specs/[id]/measurements/route';
import * as specMeasurementCounts from './specs/[id]/measurements/counts/route';
import * as specMeasurement from './specs/[id]/measurements/[measurement]/route';
import * as specSurveys from './specs/[id]/surveys/route';
import * as specSurvey from './specs/[id]/surveys/[survey]/route';
import * as specWithdrawals from './specs/[id]/withdrawals/route';
import * as teams from './teams/route';
import * as team from './teams/[team]/route';
import * as teamFonts from './teams/[team]/fonts/route';
import * as teamFont from './teams/[team]/fonts/[font]/route';
import * as teamHandOver from './teams/[team]/hand-over/route';
import * as teamHooks from './teams/[team]/hooks/route';
import * as teamHook from './teams/[team]/hooks/[hook]/route';
import * as teamInvitations from './teams/[team]/invitations/route';
import * as teamInvitation from './teams/[team]/invitations/[invitation]/route';
import * as teamKeys from './teams/[team]/keys/route';
import * as teamKey from './teams/[team]/keys/[key]/route';
import * as teamLeave from './teams/[team]/leave/route';
import * as teamLog from './teams/[team]/log/route';
import * as teamPerson from './teams/[team]/people/[person]/route';
import * as teamPersonPasswordLink from './teams/[team]/people/[person]/password-link/route';
import * as teamSpecs from './teams/[team]/specs/route';
import * as teamStartingSet from './teams/[team]/starting-sets/[set]/route';

/** Every endpoint of the interface, from which the OpenAPI document and the types of `send` are made; a test holds it against the folders. */
export const ROUTES = [
  account,
  accountHints,
  accountPassword,
  accountSessions,
  accountSession,
  join,
  notices,
  password,
  session,
  sessionEnd,
  spec,
  specDraft,
  specEditions,
  specEvents,
  specFollowers,
  specFollower,
  specPresence,
  specRemarks,
  specRemark,
  specReview,
  specReviewAnswers,
  specRevision,
  specStartingSets,
  specMeasurements,
  specMeasurementCounts,
  specMeasurement,
  specSurveys,
  specSurvey,
  specWithdrawals,
  teams,
  team,
  teamFonts,
  teamFont,
  teamHandOver,
  teamHooks,
  teamHook,
  teamInvitations,
  teamInvitation,
  teamKeys,
  teamKey,
  teamLeave,
  teamLog,
  teamPerson,
  teamPersonPasswordLink,
  teamSpecs,
  teamStartingSet,
] as const;

export type Routes = (typeof ROUTES)[number];
