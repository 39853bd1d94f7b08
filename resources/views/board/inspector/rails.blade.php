@include('board.inspector.own-fields', ['act' => 'handrails', 'own' => $page->railHeights()])
@php($details = $page->railDetails())
@if ($details !== [])
    <details @if (isset($details[$refusedField])) open @endif>
        <summary>How far the rails stand in and go on</summary>
        @include('board.inspector.own-fields', ['act' => 'handrails', 'own' => $details])
    </details>
@endif
