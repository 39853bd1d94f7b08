@include('board.inspector.own-fields', ['act' => 'handrails', 'own' => $page->railHeights()])
@if ($page->railDetails() !== [])
    <details @if (isset($page->railDetails()[$refusedField])) open @endif>
        <summary>How far the rails stand in and go on</summary>
        @include('board.inspector.own-fields', ['act' => 'handrails', 'own' => $page->railDetails()])
    </details>
@endif
