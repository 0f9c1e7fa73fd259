import type { GuideRef } from './guide'

/** The guide that rates where nobody chose another. It is named here apart, so that a blank area needs no guides. */
export const defaultGuideRef: GuideRef = 'mehlich-3-humid-east@1'
