import { byId } from '../dom.js';

/** What the board tells about what could not be sent yet; an empty text takes it away. */
export function tell(words, canSend = false) {
    const message = byId('board-message', HTMLElement);
    message.replaceChildren();
    if (words === '') return;
    const paragraph = document.createElement('p');
    paragraph.textContent = `${words} `;
    if (canSend) paragraph.insertAdjacentHTML('beforeend', '<button type="button" class="btn btn-tool" data-act="send">Try now</button>');
    message.append(paragraph);
}
