import { describe, expect, it } from 'vitest';
import { asList, asValues, changed, fresh, type Form } from './shape';

const FORM: Form = [
  { name: 'kind', label: 'way it was measured', hint: '', optional: false, when: null, kind: 'choice', options: [{ value: 'incident', label: 'incident' }, { value: 'dome', label: 'dome' }] },
  { name: 'lux', label: 'reading', hint: '', optional: true, when: ['kind', 'incident'], kind: 'number', min: 0, max: 1e5, step: 1, unit: 'lx' },
  { name: 'domeEv', label: 'reading', hint: '', optional: true, when: ['kind', 'dome'], kind: 'number', min: -8, max: 20, step: 0.1, unit: 'EV' },
  { name: 'of', label: 'what it was taken of', hint: '', optional: true, when: null, kind: 'choice', options: [{ value: 'room', label: 'room' }] },
  { name: 'spot', label: 'spot', hint: '', optional: false, when: null, kind: 'text', most: 80 },
];

describe('a form that is filled in', () => {
  it('keeps what has nothing to do with a change', () => {
    expect(changed(FORM, { kind: 'incident', lux: 90, spot: 'Bar' }, 'spot', 'Door')).toEqual({ kind: 'incident', lux: 90, spot: 'Door' });
  });

  it('lets go what made sense only beside the old value', () => {
    expect(changed(FORM, { kind: 'incident', lux: 90, spot: 'Bar' }, 'kind', 'dome')).toEqual({ kind: 'dome', spot: 'Bar' });
    expect(changed(FORM, { kind: 'dome', domeEv: 4 }, 'kind', 'dome')).toEqual({ kind: 'dome', domeEv: 4 });
  });

  it('leaves out what is emptied', () => {
    expect(changed(FORM, { kind: 'incident', lux: 90 }, 'lux', undefined)).toEqual({ kind: 'incident' });
    expect('of' in changed(FORM, {}, 'of', undefined)).toBe(false);
  });

  it('starts a new entry with the first of each closed set that must be chosen', () => {
    expect(fresh(FORM)).toEqual({ kind: 'incident' });
  });
});

describe('what came from outside', () => {
  it('is read as fields or as nothing', () => {
    expect(asValues({ a: 1 })).toEqual({ a: 1 });
    for (const odd of [null, undefined, 3, 'x', [1]]) expect(asValues(odd)).toEqual({});
  });

  it('is read as a list of entries or as none', () => {
    expect(asList([{ a: 1 }, null, 2])).toEqual([{ a: 1 }, {}, {}]);
    for (const odd of [null, { 0: {} }, 'x']) expect(asList(odd)).toEqual([]);
  });
});
