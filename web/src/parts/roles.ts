import type { SignedIn } from '../api/client';

/** What each role does, as it is said in a sentence. */
export const ROLES: Record<SignedIn['role'], string> = {
  COORDINATOR: 'coordinator: everything',
  TECHNICIAN: 'technician: cards, readings, samples',
  YARD_HAND: 'yard hand: berths and what concerns moving',
  VIEWER: 'viewer: reads',
};

/** A role in a sentence. */
export function roleWords(role: string): string {
  return role.toLowerCase().replace('_', ' ');
}
