@php($axes = $page->axes())
@if ($axes->any())
    <h3>Axes</h3>
    <p>Choose one to build on parts of it, or build on all of them:</p>
    <p class="inspector-acts">
        <button type="button" class="btn btn-tool" data-does="axis-walls" data-values="{{ json_encode(['all' => 1]) }}">Walls on all</button>
        <button type="button" class="btn btn-tool" data-does="axis-columns" data-values="{{ json_encode(['all' => 1, 'size' => $axes->columnSize()]) }}">Columns at all crossings</button>
        <button type="button" class="btn btn-tool" data-does="remove-axes">Take all axes away</button>
    </p>
@endif
