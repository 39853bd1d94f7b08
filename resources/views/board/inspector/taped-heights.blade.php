@php($heights = $page->inspector->survey()->heights())
<details @if (isset($heights[$refusedField])) open @endif>
    <summary>Heights taped on site</summary>
    @include('board.inspector.own-fields', ['act' => 'taped-heights', 'own' => $heights])
</details>
