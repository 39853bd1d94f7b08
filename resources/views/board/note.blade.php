<p class="dimension-note" id="dimension-note">{{ $page->style->says($page->scheme->layout) }}</p>
