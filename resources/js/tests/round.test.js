import assert from 'node:assert/strict';
import { test } from 'node:test';
import { eyeHeight, isWithin, roundLength } from '../round/lengths.js';

test('a slider speaks to a centimetre or an inch', () => {
    assert.equal(roundLength(2404, 'metric'), '2.40 m');
    assert.equal(roundLength(2438.4, 'imperial'), '8\'-0"');
    assert.equal(roundLength(2425.8, 'imperial'), '8\'-0"');
    assert.equal(roundLength(2425.6, 'imperial'), '7\'-11"');
    assert.equal(roundLength(-304.8, 'imperial'), '−1\'-0"');
    assert.equal(roundLength(-127, 'metric'), '-0.13 m');
});

test('an eye height is between 300 and 2500 mm', () => {
    assert.equal(eyeHeight('1600', 'metric'), 1600);
    assert.equal(eyeHeight('1600 mm', 'metric'), 1600);
    assert.equal(eyeHeight('60', 'imperial'), 1524);
    assert.equal(eyeHeight('60.5"', 'imperial'), 60.5 * 25.4);
    assert.equal(eyeHeight('300', 'metric'), 300);
    assert.equal(eyeHeight('299', 'metric'), null);
    assert.equal(eyeHeight('2500', 'metric'), 2500);
    assert.equal(eyeHeight('2501', 'metric'), null);
    for (const typed of ['', ' ', 'tall', '16o0']) assert.equal(eyeHeight(typed, 'metric'), null);
});

test('places within an outline, whichever way it runs', () => {
    const l = [
        [0, 0],
        [4, 0],
        [4, 1],
        [1, 1],
        [1, 3],
        [0, 3],
    ];
    for (const outline of [l, [...l].reverse()]) {
        assert.equal(isWithin(0.5, 2, outline), true);
        assert.equal(isWithin(3, 0.5, outline), true);
        assert.equal(isWithin(2, 2, outline), false);
        assert.equal(isWithin(-1, 0.5, outline), false);
    }
    assert.equal(isWithin(1, 1, []), false);
});
