import { render } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { PROTECTIONS, ProtectionMark, protectionTone, protectionWords } from './protection';

describe('the marks of protection', () => {
  it('differ in shape, not only in color', () => {
    const shapes = PROTECTIONS.map((protection) => {
      const { container } = render(<ProtectionMark of={protection} />);
      return container.innerHTML.replace(/(fill|stroke)="[^"]*"/g, '');
    });
    expect(new Set(shapes).size).toBe(PROTECTIONS.length);
  });

  it('each have a word of their own and a tone', () => {
    expect(new Set(PROTECTIONS.map(protectionWords)).size).toBe(PROTECTIONS.length);
    expect(protectionTone('HELD')).not.toBe(protectionTone('PROVEN'));
  });
});
