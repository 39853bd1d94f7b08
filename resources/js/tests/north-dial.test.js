import assert from 'node:assert/strict';
import { test } from 'node:test';
import { NorthDial } from '../board/north-dial.js';

test('bearings are whole degrees clockwise from up', () => {
    const from = { x: 100, y: 100 };
    const of = (x, y) => NorthDial.bearing(from, { x: 100 + x, y: 100 + y });
    assert.deepEqual([of(0, -10), of(10, 0), of(0, 10), of(-10, 0), of(10, -10), of(-0.01, -10)], [0, 90, 180, 270, 45, 0]);
});
