import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Lengths } from '../board/lengths.js';

const imperial = new Lengths({ units: 'imperial', typed: 1 });
const metric = (typed) => new Lengths({ units: 'metric', typed });

test('feet, inches and fractions in their lowest terms', () => {
    assert.equal(imperial.exactly(0), '0\'-0"');
    assert.equal(imperial.exactly(25.4 * 162.5), '13\'-6 1/2"');
    assert.equal(imperial.exactly(25.4 * (11 + 3 / 64)), '0\'-11 3/64"');
    assert.equal(imperial.exactly(304.8 * 12), '12\'-0"');
});

test('what is no fraction of an inch is written in millimetres', () => {
    assert.equal(imperial.exactly(1000), '1000 mm');
    assert.equal(imperial.exactly(25.4 / 64 + 0.05), '0.45 mm');
    assert.equal(imperial.exactly(25.4 / 64 + 0.03), '0\'-0 1/64"');
});

test('every sixty-fourth of an inch is written so that it comes to itself again', () => {
    for (let parts = 0; parts < 64 * 26; parts += 1) {
        const [, feet, inches, over, under] = imperial.exactly((parts * 25.4) / 64).match(/^(\d+)'-(\d+)(?: (\d+)\/(\d+))?"$/);
        assert.equal(Number(feet) * 768 + Number(inches) * 64 + (over ? (Number(over) * 64) / Number(under) : 0), parts);
    }
});

test('metric lengths are bare numbers in the unit that is typed', () => {
    assert.equal(metric(1).exactly(2743.2), '2743.2');
    assert.equal(metric(10).exactly(2743.2), '274.32');
    assert.equal(metric(1000).exactly(2743.2), '2.7432');
});

test('what is rounded says so', () => {
    assert.equal(metric(1).rounded(979.6), '≈ 980');
    assert.equal(metric(1).rounded(980.04), '980');
    assert.equal(imperial.rounded(25.4 * 12.5), '1\'-0 1/2"');
    assert.equal(imperial.rounded(1000), '≈ 3\'-3 3/8"');
});
