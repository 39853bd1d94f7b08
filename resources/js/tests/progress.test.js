import assert from 'node:assert/strict';
import { mock, test } from 'node:test';
import { Progress } from '../progress.js';

test('what is done soon shows no bar, what takes longer does until all of it has ended', () => {
    mock.timers.enable({ apis: ['setTimeout'] });
    const bar = { hidden: true };
    const progress = new Progress(bar);
    progress.begin();
    mock.timers.tick(Progress.PATIENCE - 1);
    progress.end();
    mock.timers.tick(Progress.PATIENCE);
    assert.equal(bar.hidden, true);

    progress.begin();
    progress.begin();
    mock.timers.tick(Progress.PATIENCE);
    assert.equal(bar.hidden, false);
    progress.end();
    assert.equal(bar.hidden, false, 'one is still under way');
    progress.end();
    assert.equal(bar.hidden, true);
    progress.end();
    progress.begin();
    mock.timers.tick(Progress.PATIENCE);
    assert.equal(bar.hidden, false, 'an end too many counts for nothing');
    mock.timers.reset();
});
