<p class="dimension-note" id="dimension-note" @if ($oob ?? false) hx-swap-oob="true" @endif>{{ $page->style->says($page->scheme->layout) }}</p>
