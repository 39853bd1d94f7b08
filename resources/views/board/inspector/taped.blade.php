@php($ends = $page->inspector->survey()->ends())
@if ($page->chosen->element->height !== null)
    <p class="inspector-acts"><button type="button" class="btn btn-tool" data-does="take-taped">Make the drawing so</button></p>
@elseif ($ends !== [])
    <form class="fields fields-inline" data-form="take-taped" data-tries novalidate>
        <label for="taped-moves">Make the drawing so</label>
        <select id="taped-moves" name="moves">@foreach ($ends as $end => $name)<option value="{{ $end }}">{{ $name }} moves</option>@endforeach</select>
        <button class="btn btn-tool btn-sm">Move it</button><output class="reading"></output>
    </form>
@endif
