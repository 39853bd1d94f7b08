<svg id="marks" class="drawing drawing-witness" aria-hidden="true" viewBox="{{ $page->sheet->viewBox() }}">{!! $page->edgeMarks() !!}{!! $page->marks() !!}</svg>
