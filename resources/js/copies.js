import { around, byId } from './dom.js';
import { text } from './text.js';

/** Buttons that copy a table, cells parted by tabs, for spreadsheets to take in. */
export function copyTables() {
    document.addEventListener('click', async (event) => {
        const button = around(event, '[data-copies]');
        if (!button) return;
        const rows = [...byId(button.dataset.copies, HTMLTableElement).rows];
        const copied = rows.map((row) => [...row.cells].map((cell) => cell.innerText.replace(/\s+/g, ' ').trim()).join('\t')).join('\n');
        try {
            await navigator.clipboard.writeText(copied);
            button.textContent = text('Copied');
        } catch {
            button.textContent = text('Your browser keeps it from being copied');
        }
    });
}
