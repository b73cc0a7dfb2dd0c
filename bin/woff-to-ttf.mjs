// Unpacks a WOFF 1 file to the TrueType file it was made from (W3C, WOFF File Format 1.0): node woff-to-ttf.mjs IN OUT
import { readFileSync, writeFileSync } from 'node:fs';
import { inflateSync } from 'node:zlib';

const woff = readFileSync(process.argv[2]);
if (woff.toString('latin1', 0, 4) !== 'wOFF') throw new Error(`${process.argv[2]} is no WOFF file`);
const count = woff.readUInt16BE(12);
const tables = [];
for (let i = 0; i < count; i++) {
  const at = 44 + 20 * i;
  const [offset, packed, length] = [4, 8, 12].map((n) => woff.readUInt32BE(at + n));
  const data = woff.subarray(offset, offset + packed);
  tables.push({
    tag: woff.subarray(at, at + 4),
    sum: woff.subarray(at + 16, at + 20),
    data: packed < length ? inflateSync(data) : data,
  });
}
const power = 2 ** Math.floor(Math.log2(count));
const head = Buffer.alloc(12 + 16 * count);
woff.copy(head, 0, 4, 8);
[count, 16 * power, Math.log2(power), 16 * (count - power)].forEach((n, i) => head.writeUInt16BE(n, 4 + 2 * i));
const parts = [head];
let at = head.length;
tables.forEach(({ tag, sum, data }, i) => {
  tag.copy(head, 12 + 16 * i);
  sum.copy(head, 16 + 16 * i);
  head.writeUInt32BE(at, 20 + 16 * i);
  head.writeUInt32BE(data.length, 24 + 16 * i);
  const padded = Buffer.alloc(4 * Math.ceil(data.length / 4));
  data.copy(padded);
  parts.push(padded);
  at += padded.length;
});
writeFileSync(process.argv[3], Buffer.concat(parts));
