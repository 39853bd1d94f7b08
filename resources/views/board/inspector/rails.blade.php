@include('board.inspector.own-fields', ['act' => 'handrails', 'own' => $page->inspector->rails()->heights()])
@php($details = $page->inspector->rails()->details())
@if ($details !== [])
    <details @if (isset($details[$refusedField])) open @endif>
        <summary>How far the rails stand in and go on</summary>
        @include('board.inspector.own-fields', ['act' => 'handrails', 'own' => $details])
    </details>
@endif
