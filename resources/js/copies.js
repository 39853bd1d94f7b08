import { around, byId } from './dom.js';

/** Buttons that copy a table, cells parted by tabs, for spreadsheets to take in. */
export function copyTables() {
    document.addEventListener('click', async (event) => {
        const button = around(event, '[data-copies]');
        if (!button) return;
        const rows = [...byId(button.dataset.copies, HTMLTableElement).rows];
        const text = rows.map((row) => [...row.cells].map((cell) => cell.innerText.replace(/\s+/g, ' ').trim()).join('\t')).join('\n');
        try {
            await navigator.clipboard.writeText(text);
            button.textContent = 'Copied';
        } catch {
            button.textContent = 'Your browser keeps it from being copied';
        }
    });
}
