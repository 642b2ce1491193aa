import { crc32 } from 'node:zlib';
import { expect, test } from 'vitest';
import { withText } from './png';

test('a text stands after the header, with the sum of its bytes, and the rest as it was', () => {
  const png = Uint8Array.from({ length: 60 }, (_, i) => i);
  const told = withText(png, 'Description', '1/4 s, f/4 – ISO 500');
  const length = new DataView(told.buffer).getUint32(33);
  expect([...told.subarray(0, 33), ...told.subarray(33 + length + 12)]).toEqual([...png]);
  const body = told.subarray(37, 41 + length);
  expect(new TextDecoder().decode(body)).toBe('iTXtDescription\0\0\0\0\x001/4 s, f/4 – ISO 500');
  expect(new DataView(told.buffer).getUint32(41 + length)).toBe(crc32(body));
});
