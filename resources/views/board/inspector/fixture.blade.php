@foreach ($page->inspector->fixture()->sides() as $side => $line)
    <form class="fields fields-inline" data-form="stand" data-tries novalidate>
        <input type="hidden" name="side" value="{{ $side }}">
        <label for="stand-{{ $side }}">Centre line to the wall on the {{ $side === 'left' ? __('right') : __('left') }} as you face it</label>
        <x-length id="stand-{{ $side }}" name="distance" :value="$page->typed($line->length())" :says="'from its centre line to the wall on the '.($side === 'left' ? 'right' : 'left').' as you face it'" :lights="$page->inspector->fields()->lights($side)"/>
        <button class="btn btn-tool btn-sm">Set</button>
    </form>
@endforeach
<p class="inspector-acts">
    <button type="button" class="btn btn-tool" data-act="turn" title="t">Turn</button>
    <button type="button" class="btn btn-tool" data-act="mirror" title="m">Mirror</button>
    <button type="button" class="btn btn-tool" data-act="copy" title="d">Copy to a place</button>
</p>
@include('board.inspector.unit')
@include('board.inspector.front')
@include('board.inspector.bare-floor')
@if ($gap = $page->inspector->fixture()->gap())
    <p class="inspector-acts">
        <button type="button" class="btn btn-tool" data-act="centre-between">Centre it between</button>
        <button type="button" class="btn btn-tool" data-act="fill-between">Fill the gap of {{ $gap }}</button>
    </p>
@endif
@include('board.inspector.beside')
<details>
    <summary>Repeat, copy to a storey</summary>
    <form class="fields fields-inline" data-form="repeat" data-tries novalidate>
        <label for="repeat-distance">In a row, apart by</label><x-length id="repeat-distance" name="distance" value="0"/>
        <input name="count" type="number" min="1" max="50" value="1" aria-label="How many more">
        <select name="side" aria-label="Side"><option value="right">to the left as you face it</option><option value="left">to the right as you face it</option></select>
        <button class="btn btn-tool btn-sm">Repeat</button>
    </form>
    @include('board.inspector.copy-to-storey')
</details>
