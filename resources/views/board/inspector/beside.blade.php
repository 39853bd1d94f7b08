@if ($page->inspector->neighbours()->list() !== [])
    <details>
        <summary>Place it by something else</summary>
        <form class="fields" data-form="beside" data-tries novalidate>
            <label for="beside-mine">Its</label>
            <select id="beside-mine" name="mine"><option value="near">nearer edge</option><option value="centre">centre</option><option value="far">farther edge</option></select>
            <label for="beside-distance">is away by</label><x-length id="beside-distance" name="distance" value="0" says="between the two edges or centres that are chosen"/>
            <label for="beside-theirs">from the</label>
            <select id="beside-theirs" name="theirs"><option value="near">nearer edge</option><option value="centre">centre</option><option value="far">farther edge</option></select>
            <label for="beside-other">of</label>
            <select id="beside-other" name="other">@foreach ($page->inspector->neighbours()->list() as $id => $name)<option value="{{ $id }}">{{ $name }}</option>@endforeach</select>
            @if ($page->isChosen('fixtures'))<label for="beside-along">along</label><select id="beside-along" name="along"><option value="side">its width</option><option value="ahead">the way it faces</option></select>@endif
            <button class="btn btn-tool btn-sm">Place</button>
        </form>
    </details>
@endif
