<p><a href="{{ route('board.elevations', [$page->scheme, 'section' => $page->chosen->id()]) }}">Open the section</a></p>
