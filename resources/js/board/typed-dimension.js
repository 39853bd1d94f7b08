import { all, byId, field } from '../dom.js';
import { text } from '../text.js';

/** A dimension on the plan that is chosen and typed: its exact value, and which of its two ends moves. */
export class TypedDimension {
    /** What moves when a dimension is typed, by where it stands. */
    static MOVES = {
        right: 'what is at its right end moves',
        left: 'what is at its left end moves',
        upper: 'what is at its upper end moves',
        lower: 'what is at its lower end moves',
    };

    constructor(board) {
        this.board = board;
        this.form = byId('dimension-edit', HTMLFormElement);
    }

    open(drawn) {
        const { form, board } = this;
        const [x1, y1, x2, y2] = drawn.dataset.dimension.split(' ').map(Number);
        board.use('choose');
        form.hidden = false;
        field(form, 'from').value = `${x1},${y1}`;
        field(form, 'to').value = `${x2},${y2}`;
        field(form, 'distance').value = board.lengths.exactly(Math.hypot(x2 - x1, y2 - y1));
        field(form, 'moves').replaceChildren(
            ...['to', 'from']
                .filter((end) => drawn.dataset[end] !== '')
                .map((end) => TypedDimension.option(drawn.dataset[end], end, end === 'to' ? [x2 - x1, y2 - y1] : [x1 - x2, y1 - y2])),
        );
        for (const one of all('#plan .typed')) one.classList.remove('typed');
        drawn.classList.add('typed');
        board.forms.showMoving(form);
        board.forms.read(field(form, 'distance'));
        field(form, 'distance').select();
    }

    /** Steps through the dimensions on the plan. */
    next(by) {
        const drawn = all('#plan [data-dimension]');
        const at = drawn.findIndex((one) => one.classList.contains('typed'));
        if (drawn.length > 0) this.open(drawn[(at + by + drawn.length) % drawn.length]);
    }

    /** What stands at an end, by which end it is on the sheet; it is marked on the plan too. */
    static option(id, end, [right, up]) {
        const option = document.createElement('option');
        const side = Math.abs(right) > Math.abs(up) ? (right > 0 ? 'right' : 'left') : up > 0 ? 'upper' : 'lower';
        option.value = `${id} ${end}`;
        option.textContent = text(TypedDimension.MOVES[side]);
        option.dataset.wall = id;
        return option;
    }
}
