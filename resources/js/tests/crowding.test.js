import assert from 'node:assert/strict';
import { test } from 'node:test';
import { crowded } from '../crowding.js';

const at = (left, top, rank = 1, group = null) => ({ rank, group, left, top, right: left + 40, bottom: top + 15 });

test('texts that lie beside each other stay', () => {
    assert.deepEqual([...crowded([at(0, 0), at(41, 0), at(0, 16)])], []);
});

test('of two that lie over each other the one of the lower rank goes, whichever comes first', () => {
    assert.deepEqual([...crowded([at(0, 0, 3), at(10, 5, 0)])], [0]);
    assert.deepEqual([...crowded([at(0, 0, 0), at(10, 5, 3)])], [1]);
    assert.deepEqual([...crowded([at(0, 0), at(10, 5)])], [1]);
});

test('what is left away pushes nothing else away', () => {
    assert.deepEqual([...crowded([at(0, 0), at(30, 0), at(60, 0)])], [1]);
});

test('lines of one label belong together', () => {
    const label = {};
    assert.deepEqual([...crowded([at(0, 0, 0, label), at(0, 8, 0, label), at(0, 8, 1)])], [2]);
});

test('letters that touch by less than the room of their font stay: just under, at, just over', () => {
    assert.deepEqual([...crowded([at(0, 0), at(0, 11.1)])], []);
    assert.deepEqual([...crowded([at(0, 0), at(0, 11)])], []);
    assert.deepEqual([...crowded([at(0, 0), at(0, 10.9)])], [1]);
});
