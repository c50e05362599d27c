import { api, got } from '../api/client';

const SECONDS = 10;

/** Begins to plan from now, in the background. */
export const planAgain = () => got(api.POST('/api/walks/search', { body: { seconds: SECONDS } }));
