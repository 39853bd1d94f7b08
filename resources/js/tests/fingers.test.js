import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Fingers } from '../fingers.js';

const at = (x, y) => ({ x, y });

test('two fingers that move together move the plan', () => {
    const change = Fingers.change([at(100, 100), at(200, 100)], [at(130, 90), at(230, 90)]);
    assert.deepEqual(change, { about: at(180, 90), factor: 1, right: 30, down: -10 });
});

test('fingers that move apart show less of it, about the place between them', () => {
    const change = Fingers.change([at(100, 100), at(200, 100)], [at(50, 100), at(250, 100)]);
    assert.deepEqual(change, { about: at(150, 100), factor: 0.5, right: 0, down: 0 });
    assert.equal(Fingers.change([at(0, 0), at(0, 80)], [at(0, 0), at(0, 40)]).factor, 2);
});

test('fingers on one place do not divide by nothing', () => {
    assert.equal(Fingers.change([at(5, 5), at(5, 5)], [at(5, 5), at(5, 5)]).factor, 1);
});
