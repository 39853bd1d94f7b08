<details @if (isset($page->tapedHeights()[$refusedField])) open @endif>
    <summary>Heights taped on site</summary>
    @include('board.inspector.own-fields', ['act' => 'taped-heights', 'own' => $page->tapedHeights()])
</details>
