@if ($heights = $page->inspector->opening()->roofWindowHeights())<p class="evidence-subject">It reaches {{ $heights }}.</p>@endif
@include('board.inspector.derived-sizes')
