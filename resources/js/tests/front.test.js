import assert from 'node:assert/strict';
import { test } from 'node:test';
import { Front } from '../board/front.js';

test('what is dragged at a wall goes by whole steps', () => {
    assert.equal(Front.steps(12.4, 10), 10);
    assert.equal(Front.steps(-15.1, 10), -20);
    assert.equal(Front.steps(4.9, 10), 0);
    assert.equal(Front.steps(31, 12.7), 25.4);
});
