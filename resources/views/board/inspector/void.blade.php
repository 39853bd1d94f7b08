@php([$size, $edges] = [$page->inspector->edges()->size(), $page->inspector->edges()->ofFloorOpening()])
@if ($size !== null)
    <form class="fields fields-inline" data-form="resize-void" data-tries novalidate>
        <label for="void-size">Size</label>
        <x-length id="void-size" name="size" kind="size" :value="$size"/>
        <button class="btn btn-tool btn-sm">Set</button>
    </form>
@endif
<h3>Its edges</h3>
<ul class="void-edges">@foreach ($edges as $edge)<li>{{ $edge }}</li>@endforeach</ul>
