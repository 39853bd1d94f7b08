import assert from 'node:assert/strict';
import { test } from 'node:test';
import { NumberPad } from '../number-pad.js';

const keys = (...pressed) => pressed.reduce((at, key) => NumberPad.typed(at.text, at.place, key), { text: '', place: 0 });

test('feet, inches and fractions are typed key by key', () => {
    assert.equal(keys('1', '2', "'", '3', '1/2', '"').text, `12'3 1/2"`);
    assert.equal(keys('1/2', '"').text, '1/2"');
    assert.equal(keys('3', '.', '5', 'm').text, '3.5m');
    assert.equal(keys('4', 'm', '×', '3', 'm').text, '4m × 3m');
});

test('a key goes where the caret is, and the last one is taken away there', () => {
    assert.deepEqual(NumberPad.typed('120', 1, '5'), { text: '1520', place: 2 });
    assert.deepEqual(NumberPad.typed('120', 2, '⌫'), { text: '10', place: 1 });
    assert.deepEqual(NumberPad.typed('120', 0, '⌫'), { text: '120', place: 0 });
});
