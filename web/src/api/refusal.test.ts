import { describe, expect, it } from 'vitest';
import { Refusal, reasonOf, refusalOf } from './refusal';

describe('a refusal', () => {
  it('takes field and reason from a problem document', () => {
    const refusal = refusalOf(422, { field: 'reading', detail: 'Must be from −51.1 to 0 °C.' });
    expect(refusal.status).toBe(422);
    expect(refusal.field).toBe('reading');
    expect(reasonOf(refusal)).toBe('Must be from −51.1 to 0 °C.');
  });

  it('has no field when the document names none', () => {
    expect(refusalOf(409, { detail: 'Not now.' }).field).toBeNull();
  });

  it('says something plain about anything else', () => {
    expect(refusalOf(502, '<html>').message).toBe('The server could not do this (502).');
    expect(refusalOf(500, null).message).toContain('500');
  });

  it('tells a lost line from a refusal', () => {
    expect(reasonOf(new TypeError('Failed to fetch'))).toContain('still here');
    expect(reasonOf(new Refusal(409, null, 'Not now.'))).toBe('Not now.');
  });
});
