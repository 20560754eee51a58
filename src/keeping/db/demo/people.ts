import { SECOND_LAUNCH } from './second-launch'
import { SLACK_TIDE } from './slack-tide'

/** The people of the Lantern Quay day centre. */
export const DEMO_PEOPLE = [...SLACK_TIDE, ...SECOND_LAUNCH]
