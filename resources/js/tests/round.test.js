import assert from 'node:assert/strict';
import { test } from 'node:test';
import { isWithin, roundLength, typedHeight } from '../round/lengths.js';

test('a slider speaks to a centimetre or an inch', () => {
    assert.equal(roundLength(2404, 'metric'), '2.40 m');
    assert.equal(roundLength(2438.4, 'imperial'), '8\'-0"');
    assert.equal(roundLength(2425.8, 'imperial'), '8\'-0"');
    assert.equal(roundLength(2425.6, 'imperial'), '7\'-11"');
    assert.equal(roundLength(-304.8, 'imperial'), '−1\'-0"');
    assert.equal(roundLength(-127, 'metric'), '-0.13 m');
});

test('a typed height is between 300 and 2500 mm', () => {
    assert.equal(typedHeight('1600', 'metric', 2500), 1600);
    assert.equal(typedHeight('1600 mm', 'metric', 2500), 1600);
    assert.equal(typedHeight('60', 'imperial', 2500), 1524);
    assert.equal(typedHeight('60.5"', 'imperial', 2500), 60.5 * 25.4);
    assert.equal(typedHeight('300', 'metric', 2500), 300);
    assert.equal(typedHeight('299', 'metric', 2500), null);
    assert.equal(typedHeight('2500', 'metric', 2500), 2500);
    assert.equal(typedHeight('2501', 'metric', 2500), null);
    for (const typed of ['', ' ', 'tall', '16o0']) assert.equal(typedHeight(typed, 'metric', 2500), null);
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
