@php($heights = $page->tapedHeights())
<details @if (isset($heights[$refusedField])) open @endif>
    <summary>Heights taped on site</summary>
    @include('board.inspector.own-fields', ['act' => 'taped-heights', 'own' => $heights])
</details>
