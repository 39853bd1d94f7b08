<span id="board-checked" data-version="{{ $page->scheme->version }}" hidden></span>
